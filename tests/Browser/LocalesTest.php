<?php

declare(strict_types=1);

use App\Models\Absences\Absence;
use App\Models\Access\User;
use App\Models\Rollouts\Rollout;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Words\Locales;
use App\Words\Words;
use Tests\Support\Cases;
use Tests\Support\HouseTexts;
use Tests\Support\Levellings;
use Tests\Support\Messages;
use Tests\Support\Sweeps;

/** Pages, and what is pressed on each, by whom. */
const OPENED = [
    'hanneke' => [
        ['/tasks/{task}', 'action.more'],
        ['/tasks/{task}', 'action.more', 'action.hand_on'],
        ['/tasks/{task}', 'action.complete'],
        ['/tasks/{task}', 'action.more', 'action.postpone'],
        ['/tasks/{task}', 'action.more', 'action.wait'],
        ['/tasks/{task}', 'action.more', 'action.edit'],
        ['/absences', 'absence.enter'],
        ['/absences', 'chart.set_minimum'],
        ['/people', 'people.new'],
        ['/people', 'people.new_teams'],
        ['/people', 'people.change_house_hours'],
        ['/guides', 'guides.new'],
        ['/house', 'screen.common.new_field'],
        ['/house', 'screen.house.new_kind'],
        ['/house', 'screen.common.new_checklist'],
        ['/rulebook', 'screen.rule_row.edit_of'],
    ],
    'admin' => [['/sign-ins', 'sign_ins.new'], ['/sign-ins', 'sign_ins.new_token']],
];

/** @return list<string> what is wrong with the page as it is */
function lookAt(mixed $test): array
{
    static $check = null;
    $check ??= (string) file_get_contents(base_path('tests/Support/page-check.js'));

    return $test->browser->executeScript($check, [HouseTexts::all()]);
}

/** @return array<string, list<string>> what is wrong, by page */
function lookIn(mixed $test, string $who, array $paths): array
{
    $found = [];
    foreach ($paths as $path) {
        $test->visit($path);
        $test->until(
            fn(): bool => $test->browser->executeScript("return document.querySelector('main, h1, h2') !== null;"),
            static fn(): string => "{$who} does not get {$path}.",
        );
        $test->settled();
        $wrong = lookAt($test);
        if ($wrong !== []) {
            // What is asked for may come in between: rows that grow by it are put in place in the next frame.
            $test->settled();
            $wrong = lookAt($test);
        }
        if ($wrong !== []) {
            $found["{$who} {$path}"] = $wrong;
        }
    }

    return $found;
}

it('says nothing but by the words, and has room for them, in a longer language and from right to left', function (
    string $locale,
): void {
    $task = Task::query()->whereNotNull('assignee_id')->whereNull('answers')->where('status', 'new')->firstOrFail()->id;
    $message = Messages::held(Task::query()->latest('number')->firstOrFail())->id;
    $asked = Absence::query()->where('status', 'asked')->firstOrFail()->id;
    $pages = [
        'hanneke' => [
            '/floor',
            "/floor?task={$task}",
            '/floor?person=ayumi-kato',
            "/tasks/{$task}",
            '/tasks/new',
            '/rulebook',
            '/rulebook/why',
            '/rulebook/rotations',
            '/rulebook/table?rule=woodwind-round',
            '/rulebook/sweeps',
            '/rulebook/sweep-runs/' . Sweeps::lookedAt('Set-ups of the orchestra to Tobias')->id,
            '/calendar?all=1&by=month',
            '/calendar?all=1',
            '/calendar?person=ayumi-kato',
            '/figures',
            '/map?open[]=runsheet.large-repair&at=runsheet.large-repair/bench',
            '/cases',
            '/cases/' . Cases::ofDemo()->id,
            '/duties',
            '/runsheets',
            '/rollouts',
            '/rollouts/new',
            '/rollouts/' . Rollout::query()->firstOrFail()->id,
            '/runsheets/large-repair/edit',
            '/runs',
            '/runs/' . Run::query()->running()->firstOrFail()->id,
            '/duties/reed-count/edit',
            '/tracks',
            '/tracks/hire/edit',
            '/tracks/hire/river',
            '/foresight',
            '/levellings',
            '/levellings/' . Levellings::workedOut()->id,
            '/absences',
            "/absences/{$asked}",
            '/absences/what-if',
            '/absences/calendars',
            '/people',
            '/people?person=femi-adeyinka',
            '/people/femi-adeyinka/leaving',
            '/places',
            '/customers',
            '/house',
            '/setup',
            '/changes',
            '/news',
            '/reminders',
            '/alerts',
            '/guides?guide=bench-repair',
            "/outbox?message={$message}",
            '/stand-ins/messages/mail',
            '/tasks?group=kind',
            '/me',
            '/account',
        ],
        'ayumi' => ['/in-hand', '/me'],
        'admin' => ['/sign-ins'],
    ];
    $found = [];
    foreach ($pages as $who => $paths) {
        $this->signInInstead($who);
        $user = User::query()
            ->where('email', "{$who}@alderquill.example")
            ->sole();
        $user->update(['locale' => $locale]);
        $found += lookIn($this, $who, $paths);
        $user->update(['locale' => null]);
    }
    expect($found)->toBe([]);
})->with(['en-XA', 'ar-XB']);

it('does so in its dialogs and editors as well', function (string $locale): void {
    $words = new Words(Locales::all()[$locale]);
    $task = Task::query()->whereNotNull('assignee_id')->whereNull('answers')->where('status', 'new')->firstOrFail()->id;
    $found = [];
    foreach (OPENED as $who => $places) {
        $this->signInInstead($who);
        $user = User::query()
            ->where('email', "{$who}@alderquill.example")
            ->sole();
        $user->update(['locale' => $locale]);
        foreach ($places as $place) {
            $path = array_shift($place);
            $this->visit(strtr($path, ['{task}' => $task]));
            foreach ($place as $pressed) {
                $this->press($words->say($pressed, ['place' => 3]));
            }
            $this->settled();
            $wrong = lookAt($this);
            if ($wrong !== []) {
                $found[implode(' ', [$path, ...$place])] = $wrong;
            }
        }
        $user->update(['locale' => null]);
    }
    expect($found)->toBe([]);
})->with(['en-XA', 'ar-XB']);

it(
    'sees what is not from the words, what is cut off, what lies on something else and what is too wide',
    function (): void {
        $this->signIn('ayumi');
        User::query()
            ->where('email', 'ayumi@alderquill.example')
            ->sole()
            ->update(['locale' => 'en-XA']);
        $this->visit('/account');
        $this->see('⟦');
        $this->browser->executeScript(
            <<<'JS'
                const place = document.querySelector('main');
            const put = (tag, text, style, attributes = {}) =>
                Object.assign(
                    place.appendChild(
                        Object.assign(document.createElement(tag), { textContent: text, ...attributes }),
                    ).style,
                    style,
                );
            put('p', 'Typed by hand', {}, { title: 'Typed by hand' });
            put('p', '⟦Ññöö ŕööööɱ⟧', { width: '40px', overflow: 'hidden', whiteSpace: 'nowrap' });
            put('span', '⟦Öñéé⟧', { position: 'absolute', top: '40px', left: '40px' });
            put('span', '⟦Öţĥéŕ⟧', { position: 'absolute', top: '40px', left: '40px' });
            place.scrollTop = 0;
            document.body.style.width = '1500px';
            JS
            ,
        );
        $found = implode("\n", lookAt($this));
        expect($found)
            ->toContain('not from the words: Typed by hand')
            ->toContain('not from the words, title: Typed by hand')
            ->toContain('cut off: ⟦Ññöö ŕööööɱ⟧')
            ->toContain('one on the other: ⟦Öñéé⟧ | ⟦Öţĥéŕ⟧')
            ->toContain('wider than the window');
        User::query()->update(['locale' => null]);
    },
);
