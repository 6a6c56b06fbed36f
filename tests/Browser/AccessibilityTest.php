<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\Rollouts\Rollout;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use Tests\Support\Cases;
use Tests\Support\Levellings;
use Tests\Support\Messages;
use Tests\Support\Sweeps;

/** @return array<string, string> what is to be seen there, by path */
function pathsLookedAt(Task $task): array
{
    return [
        '/absences/' . Absence::query()->where('status', 'asked')->firstOrFail()->id => 'What becomes of the work',
        '/rulebook/rotations' => 'The turns that come',
        '/rulebook/table?rule=woodwind-round' => 'A table of',
        '/rulebook/sweeps' => 'The last ones',
        '/rulebook/sweep-runs/' . Sweeps::lookedAt('Quotes that are late')->id => 'Rules answer',
        "/rulebook/why?task={$task->id}&person=femi-adeyinka" => 'About Femi Adeyinka',
        '/absences/what-if' => 'Work it out',
        '/absences/calendars' => 'From a file',
        '/people?person=femi-adeyinka' => 'Open tasks at most',
        '/people/femi-adeyinka/leaving' => 'What they hold',
        '/me' => 'When I am there',
        '/account' => 'Where you are signed in',
        '/house' => 'Who sees tasks',
        '/setup' => 'Rules to begin with',
        '/places?q=sulla' => 'Greater Sulla',
        '/customers?customer=port-selwyn-brass' => 'Put into another record',
        '/changes' => 'Who changed what',
        '/news' => 'By which other means',
        '/reminders' => 'How long before',
        '/alerts' => 'Who is told',
        '/calendar?all=1&by=month&show=' . now()->format('Y-m-d') => 'Earlier',
        '/calendar?all=1' => 'Earlier',
        '/calendar?person=ayumi-kato' => 'Earlier',
        '/figures' => 'Until begun',
        '/figures?by=week&weeks=26' => 'Until begun',
        '/map?open[]=runsheet.large-repair&at=runsheet.large-repair/bench' => 'Only one person can',
        '/foresight' => 'Foresight',
        '/levellings' => 'Level',
        '/levellings/' . Levellings::workedOut()->id => 'All levellings',
        '/cases' => 'Open a case',
        '/cases/' . Cases::ofDemo()->id => 'Its way',
        '/duties' => 'Reed count',
        '/duties/new' => 'A new standing duty',
        '/duties/reed-count/edit' => 'It has come on',
        '/runsheets' => 'Large repair',
        '/rollouts' => 'Piano census',
        '/rollouts/new' => 'A new rollout',
        '/rollouts/' . Rollout::query()->where('name', 'Piano census')->firstOrFail()->id => 'The same again',
        '/runsheets/new' => 'A new runsheet',
        '/runsheets/large-repair/edit' => 'Versions',
        '/runs' => 'Waits for',
        '/runs/' . Run::query()->running()->firstOrFail()->id => 'Call the run off',
        '/tracks' => 'Take in a document',
        '/tracks/new' => 'A new track',
        '/tracks/hire/edit' => 'Versions',
        '/tracks/hire/river' => 'The longest for',
        '/guides?guide=bench-repair' => 'Before it is opened',
        '/outbox?message=' . Messages::held($task)->id => 'What became of it',
        '/stand-ins/messages/mail' => 'What it does',
        '/tasks?group=holder' => 'not grouped',
        '/invitation/' . str_repeat('a', 48) => 'no longer good',
    ];
}

/** The page as it is in a scheme, without being asked for again. */
function inScheme(mixed $test, string $scheme): void
{
    $test->browser->executeScript("document.documentElement.dataset.scheme = '{$scheme}';");
}

/** Opens each main view in turn and gives what axe finds there in either scheme, by view. */
function findings(mixed $test): array
{
    $found = [];
    $look = function (string $view) use ($test, &$found): void {
        $test->settled();
        inScheme($test, 'light');
        // The schemes differ in nothing but colours.
        $wrong = ['' => $test->axe()];
        inScheme($test, 'dark');
        $wrong[' in the dark'] = $test->axe(coloursOnly: true);
        foreach (array_filter($wrong) as $how => $what) {
            $found["{$view}{$how}"] = $what;
        }
    };
    $test->visit('/sign-in');
    $test->see('Password');
    $look('sign in');
    $test->signIn('hanneke');
    $task = Task::query()->whereNotNull('assignee_id')->whereNull('answers')->where('status', 'new')->firstOrFail();

    $test->visit('/floor');
    $test->see('Latest handoffs');
    $look('floor');
    $test->visit("/floor?task={$task->id}");
    $test->see('For whom');
    $look('floor with a task');
    $test->visit('/floor?person=ayumi-kato');
    $test->see('Close');
    $look('floor with a person');
    $test->visit("/tasks/{$task->id}");
    $test->see('Why');
    $look('task');
    $test->press('More');
    $look('what else is done with a task');
    $test->press('Hand on');
    $test->see('open');
    $look('hand on');
    $test->visit("/tasks/{$task->id}");
    $test->press('Write a message');
    $look('writing a message');
    $test->visit('/reminders');
    $test->press('Remind me');
    $look('setting a reminder');
    $test->visit('/rulebook');
    $test->see('Versions');
    $look('rulebook');
    $test->click("//li[contains(., 'goes round Quality')]//button[starts-with(@aria-label, 'Edit rule')]");
    $test->see('Add a limit');
    $look('rule editor');
    $test->visit('/absences');
    $test->see('Away now');
    $look('absences');
    $test->press('Enter an absence');
    $look('entering an absence');
    foreach (pathsLookedAt($task) as $path => $text) {
        $test->visit($path);
        $test->see($text);
        $look($path);
    }
    $test->visit('/guides');
    $test->press('New guide');
    $test->see('What it is about');
    $look('writing a guide');
    $test->visit('/in-hand');
    $test->see('Current');
    $look('in hand');
    $test->visit('/stand-ins/web-form');
    $look('web form');
    lookAtSignIns($test, $look);

    return $found;
}

/** As an administrator sees them. */
function lookAtSignIns(mixed $test, Closure $look): void
{
    $test->forgetSignIns();
    $test->signIn('admin', '/sign-ins');
    $test->see('Tokens');
    $look('sign-ins');
    $test->press('New token');
    $look('a new token');
}

it('finds nothing wrong on any main view, in the light and in the dark', function (): void {
    expect(findings($this))->toBe([]);
});

it('keeps to the scheme that was chosen', function (string $scheme): void {
    $this->signIn('hanneke', '/account');
    $this->press('Hanneke de Wit');
    $this->press(ucfirst($scheme));
    $this->visit('/account');
    $ground = 'return getComputedStyle(document.body).backgroundColor';
    $chosen = $this->browser->executeScript($ground);
    inScheme($this, $scheme);
    expect($this->browser->executeScript($ground))->toBe($chosen);
    inScheme($this, $scheme === 'dark' ? 'light' : 'dark');
    expect($this->browser->executeScript($ground))->not->toBe($chosen);
})->with(['light', 'dark']);
