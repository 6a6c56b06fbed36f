<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Intake\TakeInTask;
use App\Models\Access\User;
use App\Models\Rules\RulebookVersion;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Rules\LockedDraft;
use App\Rules\PublishDraft;
use App\Rules\SaveDraft;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\Artisan;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** @param array<string, mixed> $document */
function comesIn(array $document): Task
{
    $taken = app(TakeInTask::class)(Node::root($document), TaskSource::ByHand, null);

    return Task::query()
        ->with(['assignee', 'reviewer'])
        ->findOrFail($taken->task->id);
}

function userOf(?string $slug): string
{
    return explode('-', (string) $slug)[0];
}

it('sends a repair to be checked by somebody else, and back with what is still to be done', function (): void {
    $task = comesIn([
        'title' => 'Oboe, octave key sticks',
        'kind' => 'bench-repair',
        'fields' => ['task.family' => 'woodwind', 'task.cost' => 120],
    ]);
    $doer = userOf($task->assignee?->slug);
    $this->signIn($doer, "/in-hand?task={$task->id}");
    $this->press('Start');
    $this->see("№ {$task->number} is started.");
    $this->press('Send to be reviewed');
    $this->fill('Note', 'Mind the octave key.');
    $this->press('Send to be reviewed', "//*[@role='dialog']");
    $this->see("№ {$task->number} is sent to be reviewed by ");
    $task->refresh();
    expect($task->status)->toBe(TaskStatus::InReview);
    expect($task->reviewer)->not->toBeNull();
    expect($task->reviewer_id)->not->toBe($task->assignee_id);

    $this->signInInstead(userOf($task->reviewer?->slug));
    $this->visit('/in-hand');
    $this->see('To review');
    $this->visit("/in-hand?task={$task->id}");
    $this->see('“Mind the octave key.”');
    $this->press('Send back');
    $this->press('Send back', "//*[@role='dialog']");
    $this->fill('What is still to be done', 'It still sticks when it is cold.');
    $this->press('Send back', "//*[@role='dialog']");
    $this->see("№ {$task->number} is sent back to ");

    $this->signInInstead($doer, "/in-hand?task={$task->id}");
    $this->see('“It still sticks when it is cold.”');
    $this->see('sent back');
    $task->refresh();
    expect([$task->status, $task->priority, $task->tags, userOf($task->assignee?->slug), $task->reviewer_id])->toBe([
        TaskStatus::Working,
        Priority::High,
        ['sent back'],
        $doer,
        null,
    ]);
});

it('takes a field of the house from its definition to the form, to a criterion, to a decision', function (): void {
    $this->signIn('hanneke', '/house');
    $this->press('New field');
    $this->fill('Label', 'Colour of the case');
    $this->choose('Type', 'one of several');
    $this->fill('Values', "red: Red\nblack: Black");
    $this->press('Save', "//*[@role='dialog']");
    $this->see('one of several: Red, Black');

    $this->visit('/rulebook');
    $this->press('New rule');
    $this->fill('Name', 'Red cases are Siobhán\'s');
    $this->choose('Field', 'Colour of the case');
    $this->choose('Value for Colour of the case', 'Red');
    $this->choose('Kind of pool', 'named people');
    $this->press('People: none');
    $this->click("//label[normalize-space(.)='Siobhán Quirke']/input");
    $this->browser->getKeyboard()->sendKeys([WebDriverKeys::ESCAPE]);
    $this->choose('Method', 'to the first in order');
    $this->dontSee('still to be chosen');
    $this->see('Draft saved');
    $this->press('Publish …');
    $this->fill('What is new', 'By the colour of the case');
    $number = (int) RulebookVersion::query()->max('number') + 1;
    $this->press("Publish version {$number}");
    $this->see("Version {$number} is published.");

    $this->visit('/tasks/new');
    $this->choose('Kind of task', 'Call back');
    $this->fill('Title', 'Which case was it?');
    $this->choose('Colour of the case', 'Red');
    $this->press('Who would get it');
    $this->see('first in order → Siobhán Quirke');
    $this->press('Make it');
    $this->see('Colour of the case Red');
    $task = Task::query()->with('assignee')->where('title', 'Which case was it?')->sole();
    expect([$task->assignee?->name, $task->facts['task.colour_of_the_case'] ?? null])->toBe(['Siobhán Quirke', 'red']);
});

it('does what a rule says on a date, once the clock is there, and only once', function (): void {
    $this->signIn('hanneke');
    $task = comesIn(['title' => 'Claim for the flooded piano', 'kind' => 'insurer-claim']);
    // Really waited for: what has happened in times to come would stand before what other tests do.
    $soon = CarbonImmutable::now()->addSeconds(10);
    app(EditTask::class)->__invoke(
        $task->id,
        null,
        new Edit(
            'edited',
            static fn(TaskSubject $subject): TaskSubject => $subject->with([
                'dueAt' => $soon->subDay()->getTimestamp(),
            ]),
        ),
        Actor::user(User::query()->where('email', 'hanneke@alderquill.example')->sole()),
    );
    Artisan::call('baton:tick');
    $this->visit("/tasks/{$task->id}");
    $this->see('What will happen by itself');
    $this->see('A claim a day overdue goes to the lead of Accounts');
    expect($task->refresh()->assignee?->name)->toBe('Hugo Lemaire');

    $soon->getTimestamp() + 1 > microtime(true) && time_sleep_until($soon->getTimestamp() + 1);
    Artisan::call('baton:tick');
    Artisan::call('baton:tick');
    $this->see('A date was reached');
    $this->see('Then: Priority high');
    $this->dontSee('What will happen by itself');
    $task->refresh();
    expect([$task->assignee?->name, $task->priority])->toBe(['Sunniva Aas', Priority::High]);
});

it('tells the lead of rules that go round in a circle, until they have seen it', function (): void {
    $lead = User::query()->where('email', 'hanneke@alderquill.example')->sole();
    $on = static fn(string $id, string $name, string $tag, string $other): array => [
        'id' => $id,
        'name' => $name,
        'when' => [['kind' => 'tag_on', 'tags' => [$tag]]],
        'then' => [['kind' => 'tag_off', 'tag' => $tag], ['kind' => 'tag', 'tag' => $other]],
    ];
    $rules = array_values((array) RulebookVersion::query()->published()->sole()->rules);
    $saved = app(SaveDraft::class)(
        [
            ...$rules,
            $on('to-ink', 'Pencil to ink', 'pencil', 'ink'),
            $on('to-pencil', 'Ink to pencil', 'ink', 'pencil'),
        ],
        LockedDraft::revision(),
        Actor::user($lead),
    );
    app(PublishDraft::class)($saved->revision, null, Actor::user($lead));
    $task = comesIn(['title' => 'Count the reeds', 'kind' => 'stock-count']);
    app(EditTask::class)->__invoke(
        $task->id,
        null,
        new Edit('edited', static fn(TaskSubject $subject): TaskSubject => $subject->tagged('pencil')),
        Actor::user($lead),
    );

    $this->signIn('hanneke', '/floor');
    $this->see('Rules to look at 1');
    $this->see('Rules went round in a circle: “Pencil to ink” → “Ink to pencil”');
    $this->see('Give one of them a criterion that ends it.');
    $this->press('Seen');
    $this->dontSee('Rules to look at');
    expect($task->refresh()->tags)->toBe(['pencil']);
});

it('links a task with another and lets it wait for that one, until it is done with', function (): void {
    [$one, $other] = [
        comesIn(['title' => 'Lyre of the strings shelf', 'kind' => 'stock-count']),
        comesIn(['title' => 'Parts for the lyre', 'kind' => 'stock-count']),
    ];
    $this->signIn('hanneke', "/tasks/{$one->id}");
    $this->fill('Link another task: by number, title or customer', (string) $other->number);
    $this->click("//*[@role='option'][contains(., 'Parts for the lyre')]");
    $this->see("№ {$other->number} goes with it now.");
    $this->see('goes with it · new');
    $this->press('Let it wait');
    $this->fill('What it waits for', 'The parts');
    $this->choose('Until another task is done', "№ {$other->number} Parts for the lyre");
    $this->press('Let it wait', "//*[@role='dialog']");
    $this->see("The parts, № {$other->number}");
    $this->press("№ {$other->number} Parts for the lyre");
    $this->see('waits for this one, goes with it · waiting');
    $this->press('More');
    $this->press('Drop');
    $this->fill('Why', 'They are here.');
    $this->press('Drop', "//*[@role='dialog']");
    $this->see("№ {$other->number} is dropped.");
    expect($one->refresh()->status)->toBe(TaskStatus::New);
});
