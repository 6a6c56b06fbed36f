<?php

declare(strict_types=1);

use App\Models\Customers\Customer;
use App\Models\House\CustomField;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Team;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\BrowserTestCase;
use Tests\Support\BegunServer;

const PASSWORD_OF_UNA = 'four brass monkeys';

/** Presses, fills in and saves, as one does in a dialog. @param array<string, string> $entries */
function make(BrowserTestCase $test, string $button, array $entries, string $save = 'Save'): void
{
    $test->press($button);
    foreach ($entries as $label => $text) {
        $test->fill($label, $text);
    }
    $test->press($save, "//*[@role='dialog']");
    $test->until(
        static fn(): bool => $test->browser->executeScript("return document.querySelector('[role=dialog]') === null;"),
        static fn(): string => "The dialog of {$button} stays open. The page says:\n{$test->text()}",
    );
}

/** A table that is pasted, looked at and brought in. */
function bringIn(BrowserTestCase $test, string $table, string $seen, string $do, string $done): void
{
    $test->paste('Or what you have copied out of a spreadsheet, with the line of headings', $table);
    $test->see($seen);
    $test->press($do);
    $test->see($done);
}

it('comes from nothing to a request that is routed and done, by the interface alone', function (): void {
    $house = BegunServer::start('Brophy Boilers', 'una@boiler.example', 'Una Brophy');
    $this->elsewhere = $house->url;
    try {
        // The first lead comes in.
        $this->visit($house->invitation);
        $this->fill('Password', PASSWORD_OF_UNA);
        $this->fill('The same once more', PASSWORD_OF_UNA);
        $this->press('Use this password');
        $this->see('Brophy Boilers is being set up');

        // Three teams, two skills, and eight more people as a table.
        $this->press('Teams and skills');
        foreach (['North', 'South', 'Office'] as $team) {
            make($this, 'New team', ['Name' => $team]);
        }
        foreach (['Gas', 'Oil'] as $skill) {
            make($this, 'New skill', ['Name' => $skill]);
        }
        $this->press('Import …');
        $people = [
            'Ned Foley' => ['North', 'Gas'],
            'Nia Doyle' => ['North', 'Gas'],
            'Noel Ruane' => ['North', 'Oil'],
            'Sal Keogh' => ['South', 'Gas'],
            'Sean Tighe' => ['South', 'Oil'],
            'Sue Walsh' => ['South', 'Gas'],
            'Orla Byrne' => ['Office', ''],
            'Owen Daly' => ['Office', ''],
        ];
        $table = "name\temail\tteams\tskills\n";
        foreach ($people as $name => [$team, $skill]) {
            $table .= "{$name}\t" . strtok(strtolower($name), ' ') . "@boiler.example\t{$team}\t{$skill}\n";
        }
        bringIn($this, $table, 'Ned Foley', 'Merge', 'The file is imported.');

        // Five kinds and four fields.
        $this->press('House');
        foreach (['Yearly service', 'Breakdown', 'New boiler', 'Quote', 'Call back'] as $kind) {
            make($this, 'New kind', ['Name' => $kind]);
        }
        foreach (['Make', 'Model', 'Serial number', 'Leaks'] as $field) {
            make($this, 'New field', ['Label' => $field]);
        }

        // Two levels of places, with somebody who answers for each town.
        $this->press('Another level');
        $this->fill('Name 1', 'County');
        $this->press('Another level');
        $this->fill('Name 2', 'Town');
        $this->click("(//*[@id='levels']//input[@type='radio'])[2]");
        $this->press('Save', "//*[@id='levels']");
        $this->see('Saved.');
        $this->press('Set up');
        $this->press('Places');
        make($this, 'New: County', ['Name' => 'Galway']);
        foreach (['Tuam' => 'Ned Foley', 'Gort' => 'Sal Keogh'] as $town => $answers) {
            $this->press('Add below Galway');
            $this->fill('Name', $town);
            $this->choose('Responsible', $answers);
            $this->press('Save', "//*[@role='dialog']");
            $this->see($town);
        }

        // Five customers by hand, one after another, and fifteen as a table.
        $this->press('Customers');
        $this->press('New customer');
        $this->click("//*[@role='dialog']//label[normalize-space(.)='Another one after this']");
        foreach (['Ada Flynn', 'Bea Moran', 'Con Nolan', 'Dan Power', 'Eve Quinn'] as $made => $name) {
            $this->fill('Name', $name);
            $this->press('Save', "//*[@role='dialog']");
            $this->see($made === 0 ? '1 customer is made' : $made + 1 . ' customers are made');
        }
        $this->press('Leave it');
        $this->press('From a table …');
        $lines = array_map(
            static fn(int $number): string => "Terrace {$number}\tTuam\tt{$number}@terrace.example",
            range(1, 15),
        );
        bringIn(
            $this,
            "name\tplace\tcontact_email\n" . implode("\n", $lines),
            '15 new',
            'Bring them in',
            'All 15 are in',
        );
        $this->press('Close', "//*[@role='dialog']");

        // Six rules of those that many houses begin with.
        $this->press('Set up');
        $rules = 0;
        $add = function (string $rule, string $kind, ?string $choice = null, string $label = '') use (&$rules): void {
            $row = "//li[.//button[@aria-label='{$rule}']]";
            foreach (array_filter(['Which tasks' => $kind, $label => $choice]) as $name => $option) {
                $this->find("{$row}//select[@aria-label='{$name}']/option[normalize-space(.)='{$option}']")->click();
                ++$this->entries;
            }
            $this->press($rule);
            // What it says moves the lines below it: the next is pressed once they stand.
            $this->see('To the draft: ' . ++$rules . ($rules === 1 ? ' rule' : ' rules'));
            $this->settled();
        };
        $add('Add it: the rule by skill', 'Breakdown', 'Gas', 'Which skill');
        $add('Add it: the rule by place', 'Yearly service');
        $add('Add it: the rule that goes round a team', 'Quote', 'Office', 'Round which team');
        $add('Add it: the rule that leaves tasks open to a team', 'Call back', 'Office', 'Open to which team');
        $add('Add it: the rule that goes round a team', 'New boiler', 'South', 'Round which team');
        $add('Add it: the rule that goes round a team', 'Tasks of every kind', 'North', 'Round which team');
        $this->press('To the draft: 6 rules');
        $this->press('Publish …');
        $this->press('Publish version 1');
        $this->see('Rulebook version 1');

        // The web form offers two kinds and asks for a field; customers type their names.
        $this->press('House');
        foreach (['Yearly service', 'Breakdown', 'Make'] as $offered) {
            $this->click("//*[@id='form']//label[normalize-space(.)='{$offered}']");
        }
        $this->click("//*[@id='form']//label[starts-with(normalize-space(.), 'type their name')]");
        $this->press('Save', "//*[@id='form']");
        $this->see('Saved.');

        // Somebody who does the work gets a sign-in; then the house is set up.
        $this->press('Set up');
        $this->press('Sign-ins');
        $this->press('New sign-in');
        $this->choose('Whose it is', 'Ned Foley');
        $this->press('Make it and its link');
        $link = (string) $this->find("//input[contains(@value, '/invitation/')]")->getAttribute('value');
        $this->press('Done');
        $this->press('Set up');
        $this->press('It is set up');
        $this->see('Every task has found its place');

        // A request comes in, finds whoever answers for the town, and is done.
        $this->visit('/stand-ins/web-form');
        $this->fill('In a few words', 'Service for the boiler of Terrace 7');
        $this->fill('Make', 'Kettle & Co');
        $this->fill('You are', 'terrace 7');
        $this->press('Send the request');
        $this->see('Your request has the number');
        $task = Task::query()
            ->with(['assignee', 'customer'])
            ->sole();
        expect([$task->assignee?->name, $task->customer?->name, $task->facts])->toBe([
            'Ned Foley',
            'Terrace 7',
            ['task.make' => 'Kettle & Co'],
        ]);
        $this->visit('/account');
        $this->signOut();
        $this->visit((string) parse_url($link, PHP_URL_PATH));
        $this->fill('Password', 'five copper kettles');
        $this->fill('The same once more', 'five copper kettles');
        $this->press('Use this password');
        $this->see('Service for the boiler of Terrace 7');
        $this->press('Start');
        $this->press('Complete');
        $this->press('Complete', "//*[@role='dialog']");
        $this->until(
            static fn(): bool => $task->refresh()->status === TaskStatus::Done,
            fn(): string => "It is not done. The page says:\n{$this->text()}",
        );

        expect([
            Person::query()->count(),
            Team::query()->count(),
            Place::query()->distinct()->count('level'),
            Customer::query()->count(),
            TaskKind::query()->count(),
            CustomField::query()->count(),
            count((array) RulebookVersion::query()->published()->sole()->rules),
        ])->toBe([9, 3, 2, 20, 6, 4, 6]);
        // What it takes stands in docs/begin.md.
        preg_match('/(\d+) presses and (\d+) entries/', (string) file_get_contents(base_path('docs/begin.md')), $said);
        expect([$this->presses, $this->entries])->toBe([(int) ($said[1] ?? 0), (int) ($said[2] ?? 0)]);
    } finally {
        $house->stop();
    }
})->group(BrowserTestCase::BEGINS);
