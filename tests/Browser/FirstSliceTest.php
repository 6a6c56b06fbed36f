<?php

declare(strict_types=1);

use App\Intake\TakeInTask;
use App\Models\Customers\Customer;
use App\Models\House\House as HouseRow;
use App\Models\People\Place;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Facebook\WebDriver\WebDriverKeys;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Browser;

/** Asks for something through the house's web form, and gives the task that came of it. */
function askFor(mixed $test, string $what, string $title, string $family = ''): Task
{
    $test->visit('/stand-ins/web-form');
    $test->choose('What do you need?', $what);
    $test->fill('In a few words', $title);
    $family === '' || $test->choose('Family of the instrument', $family);
    $test->press('Send the request');
    $test->see('Your request has the number');

    return Task::query()->with('assignee')->where('title', $title)->sole();
}

it('brings a request from the web form into somebody\'s hands, who starts and completes it', function (): void {
    $task = askFor($this, 'A repair', 'Clarinet, pads leak at the bridge', 'Woodwind');
    expect($task->assignee)->not->toBeNull();

    $this->signInByPassword(explode('-', (string) $task->assignee?->slug)[0]);
    $this->visit("/in-hand?task={$task->id}");
    $this->see('Clarinet, pads leak at the bridge');
    $this->see('Check the diagnosis against the instrument.');
    $this->press('Start');
    $this->see("№ {$task->number} is started.");
    $this->press('Complete');
    $this->see('Minutes spent in all');
    $this->fill('Minutes spent in all', '95');
    $this->fill('Note', 'New pads, seated and tested.');
    $this->press('Complete', "//*[@role='dialog']");
    $this->see("№ {$task->number} is done.");
    $this->see('Done today');

    $task->refresh();
    expect([$task->status, $task->spent_minutes, $task->outcome_note])->toBe([
        TaskStatus::Done,
        95,
        'New pads, seated and tested.',
    ]);

    $this->press('Take that back');
    $this->see("№ {$task->number} is as it was.");
    expect($task->refresh()->status)->toBe(TaskStatus::Working);
});

it('makes a task for the second of two customers of one name', function (): void {
    $first = Customer::query()->with('place')->whereNotNull('place_id')->orderBy('name')->firstOrFail();
    $other = $first->replicate()->fill([
        'slug' => 'second-of-one-name',
        'place_id' => Place::query()
            ->whereKeyNot($first->place_id)
            ->where('level', $first->place?->level)
            ->orderBy('name')
            ->firstOrFail()->id,
    ]);
    $other->save();
    HouseRow::query()->increment('customer_revision');
    $this->signIn('hanneke', '/tasks/new');
    $this->press('Make it');
    $this->see('This is needed.');
    $this->choose('Kind of task', 'Quote');
    $this->fill('Title', 'A quote for the other one');
    $this->fill('Customer', $first->name);
    $this->click(
        "//li[@role='option'][contains(., '{$first->name}') and contains(., '{$other->load('place')->place?->name}')]",
    );
    $this->press('Make it');
    $this->see('For whom');
    expect(Task::query()->where('title', 'A quote for the other one')->sole()->customer_id)->toBe($other->id);
});

it('hands a task on with a reason, which the lead reads in the log', function (): void {
    $task = askFor($this, 'A repair', 'Bassoon, crook does not seal', 'Woodwind');
    $this->signIn(explode('-', (string) $task->assignee?->slug)[0]);
    $this->visit("/in-hand?task={$task->id}");
    $this->press('More');
    $this->press('Hand on');
    $this->press('Hand on', "//*[@role='dialog']");
    $this->see('Choose a person.');
    $this->choose('To', 'Jun Morita');
    $this->fill('Why', 'The crook needs the small lathe.');
    $this->press('Hand on', "//*[@role='dialog']");
    $this->see("№ {$task->number} went to Jun Morita.");

    $this->press((string) $task->assignee?->name);
    $this->press('Sign out');
    $this->see('Password');
    $this->signIn('hanneke', "/floor?task={$task->id}");
    $this->see('“The crook needs the small lathe.”');
});

it('says on the floor why this person and nobody else', function (): void {
    // The bench has room for nine each; the demo leaves it full, what the other tests did may have made some.
    do {
        $taken = app(TakeInTask::class)(
            Node::root([
                'title' => 'Cornet, third valve sticks',
                'kind' => 'bench-repair',
                'fields' => ['task.family' => 'brass'],
            ]),
            TaskSource::ByHand,
            null,
        );
        $task = Task::query()->findOrFail($taken->task->id);
    } while ($task->assignee_id !== null);

    $this->signIn('hanneke');
    $this->click("//ul[@aria-label='Unplaced tasks']//button[contains(., '{$task->number}')]");
    $this->see('Why nobody holds it');
    // Callum is away this week, and the bench has no room.
    $this->see('Nobody was eligible, and the rule says to wait as unplaced.');
    $this->see('24 people → 3 in Brass bench → 2 present → 0 with few enough open tasks → unplaced');
    $this->see('open tasks already, 9 at most with the new one');
    $this->see('away until');
    $this->press('2 present');
    $this->see('1 left out');
    $this->see('21 other people were not in the pool of the rule.');
    $this->browser->getKeyboard()->sendKeys([WebDriverKeys::ESCAPE]);
    $this->press('What every rule came to');
    $this->see('It asks that Rush is yes; it was empty.');
});

it('lets the lead write a rule, see what it would catch, and publish it; the next request obeys', function (): void {
    // A kind of which there was work lately, whatever came in by chance.
    $lately = Task::query()->where('arrived_at', '>', now()->subDays(20));
    [$kind, $form] = $lately->whereRelation('kind', 'slug', 'fitting')->exists()
        ? ['Fitting', 'A fitting']
        : ['Tuning visit', 'A tuning visit'];
    $this->signIn('hanneke', '/rulebook');
    $this->press('New rule');
    $this->fill('Name', 'Fittings are Siobhán\'s');
    $this->choose('Field', 'Kind of task');
    $this->choose('Value for Kind of task', $kind);
    $this->choose('Kind of pool', 'named people');
    $this->see('still to be chosen');
    $this->press('People: none');
    $this->click("//label[normalize-space(.)='Siobhán Quirke']/input");
    $this->browser->getKeyboard()->sendKeys([WebDriverKeys::ESCAPE]);
    $this->choose('Method', 'to the first in order');
    $this->press('Add a follow-up');
    $this->press('a tag');
    $this->fill('Tag', 'fitting room');
    $this->see('Draft saved');
    $this->dontSee('still to be chosen');
    $this->see('would go by another rule');

    // A page that is opened anew has the draft.
    $this->visit('/rulebook');
    $this->see('Fittings are Siobhán\'s');
    $this->press('Publish …');
    $this->see('What is new');
    $this->fill('What is new', 'Fittings in one hand');
    $number = (int) RulebookVersion::query()->max('number') + 1;
    $this->press("Publish version {$number}");
    $this->see("Version {$number} is published.");
    $this->see("Rulebook version {$number}");

    $task = askFor($this, $form, 'Fitting for a half-size cello');
    expect($task->assignee?->name)->toBe('Siobhán Quirke');
    expect($task->tags)->toBe(['fitting room']);
});

it('moves rules by keyboard, pauses them, undoes, and takes an earlier version up again', function (): void {
    $this->signIn('hanneke', '/rulebook');
    $names = fn(): array => (array) $this->browser->executeScript(
        "const names = document.querySelectorAll('ol[aria-label=Rules] [data-rule] h2');" .
            'return [...names].slice(0, 9).map((one) => one.innerText);',
    );
    $this->until(fn(): bool => count($names()) > 3, static fn(): string => 'There are no rules.');
    $before = $names();

    $grip = $this->find("//button[starts-with(@aria-label, 'Move rule 1:')]");
    $this->browser->executeScript('arguments[0].focus();', [$grip]);
    foreach ([' ', WebDriverKeys::ARROW_DOWN, ' '] as $key) {
        $this->browser->getKeyboard()->sendKeys($key);
        $this->settled();
    }
    $this->see('Draft saved');
    $after = $names();
    expect([$after[0], $after[1]])->toBe([$before[1], $before[0]]);

    $this->press('Undo');
    $this->until(fn(): bool => $names() === $before, static fn(): string => 'The order is not undone.');
    $this->press('More for rule 2');
    $this->press('Pause');
    $this->see('paused');
    $this->see('Draft saved');
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->sole()->rules[1]['active'])->toBeFalse();

    $this->press('Read version 1');
    $this->press('Take up as the draft');
    $this->see('Draft saved');
    $this->press('Discard');
    $this->press('Discard', "//*[@role='dialog']");
    $this->see('The draft is discarded.');
    $this->dontSee('Draft saved');
    expect(RulebookVersion::query()->where('state', VersionState::Draft)->exists())->toBeFalse();
});

/** Something arrives by another browser; the page that is open shows it. */
function arrivesMeanwhile(mixed $test, string $title): void
{
    $mine = $test->browser;
    $test->browser = Browser::open();
    try {
        $task = askFor($test, 'A call back', $title);
    } finally {
        $test->browser->quit();
        $test->browser = $mine;
    }
    $test->see("№ {$task->number}");
}

it('keeps itself current, and what is being typed and what was said stays', function (): void {
    $this->signIn('hanneke', '/rulebook');
    $this->press('Edit rule 2');
    $this->fill('Name', 'A name half written');
    arrivesMeanwhile($this, 'Call back about the harmonium');
    expect($this->field('Name')->getAttribute('value'))->toBe('A name half written');

    $this->press('Discard');
    $this->press('Discard', "//*[@role='dialog']");
    $this->see('The draft is discarded.');
    arrivesMeanwhile($this, 'Call back about the melodeon');
    $this->see('The draft is discarded.');
    $this->press('Close', "//*[@role='status']");
    $this->dontSee('The draft is discarded.');
    arrivesMeanwhile($this, 'Call back about the celeste');
    $this->dontSee('The draft is discarded.');
});
