<?php

declare(strict_types=1);

use App\Models\Tasks\TaskChange;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

require_once __DIR__ . '/TaskEditFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive(facts: ['task.value' => 300]);
});

it('is changed by hand, and the history says what was before', function (): void {
    $seen = fieldsOf($this);
    setFields($this, $seen, [
        'task.title' => 'Trumpet, both valves',
        'task.details' => "Second valve too.\nSee the card.",
        'task.priority' => 'high',
        'task.due' => '2026-12-01T12:00:00Z',
        'task.estimate' => 'PT3H',
        'task.tags' => ['vip', 'vip', ' school '],
        'task.value' => 350.5,
        'task.family' => 'brass',
    ])
        ->assertOk()
        ->assertJsonPath('conflicts', []);
    $task = $this->task->refresh();
    expect([
        $task->title,
        $task->description,
        $task->priority,
        $task->due_at?->toIso8601ZuluString(),
        $task->estimate_minutes,
        $task->tags,
        $task->facts,
    ])->toEqual([
        'Trumpet, both valves',
        "Second valve too.\nSee the card.",
        Priority::High,
        '2026-12-01T12:00:00Z',
        180,
        ['vip', 'school'],
        ['task.value' => 350.5, 'task.family' => 'brass'],
    ]);
    $history = $this->get("/tasks/{$task->id}")->viewData('page')['props']['task']['history'];
    $last = end($history);
    expect($last['said'])->toBe('Ayumi Kato changed it');
    expect($last['changes'])->toContain(
        'Priority: Normal → High',
        'Tagged vip, school',
        'Estimate: nothing → 3 h',
        'Title: Trumpet, stuck valve → Trumpet, both valves',
        'The details were changed',
    );
});

it(
    'keeps what two people change at once where it differs, and tells the later one where it does not',
    function (): void {
        $seen = fieldsOf($this);
        setFields($this, $seen, ['task.title' => 'Hanneke says', 'task.priority' => 'urgent'], 'hanneke')->assertOk();
        $answer = setFields($this, $seen, [
            'task.title' => 'Ayumi says',
            'task.value' => 400,
            'task.priority' => 'urgent',
        ])
            ->assertOk()
            ->json('conflicts');
        expect($answer)->toHaveCount(1);
        expect($answer[0])->toMatchArray([
            'path' => 'task.title',
            'theirs' => 'Hanneke says',
            'yours' => 'Ayumi says',
            'label' => 'Title',
            'said' => 'Title: Hanneke says → Ayumi says',
        ]);
        expect([$this->task->refresh()->title, $this->task->facts])->toBe(['Hanneke says', ['task.value' => 400]]);
        // Having seen it, she may put hers.
        setFields($this, ['task.title' => 'Hanneke says'], ['task.title' => 'Ayumi says'])->assertJsonPath(
            'conflicts',
            [],
        );
        expect($this->task->refresh()->title)->toBe('Ayumi says');
    },
);

it('refuses what is not right, all of it at once, and changes nothing', function (array $set, string $pointer): void {
    $seen = fieldsOf($this);
    setFields($this, $seen, ['task.priority' => 'urgent'] + $set)
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', $pointer);
    expect($this->task->refresh()->priority)->toBe(Priority::Normal);
    expect(TaskChange::query()->count())->toBe(0);
})->with([
    'no title' => [['task.title' => '  '], '/set/task.title'],
    'a title of a megabyte' => [['task.title' => str_repeat('x', 1_000_000)], '/set/task.title'],
    'details of a megabyte' => [['task.details' => str_repeat('x', 1_000_000)], '/set/task.details'],
    'a year that no column holds' => [['task.due' => '9999-01-01T00:00:00Z'], '/set/task.due'],
    'a person who is nobody' => [['task.repaired_by' => 'nobody'], '/set/task.repaired_by'],
    'a tag too long' => [['task.tags' => [str_repeat('x', 61)]], '/set/task.tags/0'],
    'a field of the state' => [['task.status' => 'done'], '/set/task.status'],
    'a kind that there is not' => [['task.kind' => 'polish'], '/set/task.kind'],
    'a customer who is nobody' => [['task.customer' => 'nobody'], '/set/task.customer'],
    'no kind' => [['task.kind' => null], '/set/task.kind'],
]);

it('changes its kind and its customer, whose values it goes by from then on, and rules answer both', function (): void {
    House::publish(House::roundRule(), [
        'id' => 'answers',
        'name' => 'Answers',
        'when' => [
            ['kind' => 'field_changes', 'change' => ['field' => 'customer.tier', 'how' => 'values', 'to' => 'school']],
            ['kind' => 'field_changes', 'change' => ['field' => 'task.kind', 'how' => 'values', 'to' => 'quote']],
        ],
        'then' => [['kind' => 'tag', 'tag' => 'answered']],
    ]);
    app()->forgetScopedInstances();
    $seen = fieldsOf($this);
    setFields($this, $seen, ['task.customer' => 'holms-school'])->assertOk();
    expect([$this->task->refresh()->customer?->slug, $this->task->tags])->toBe(['holms-school', ['answered']]);
    app()->forgetScopedInstances();
    setFields($this, fieldsOf($this), ['task.kind' => 'quote', 'task.tags' => null])->assertOk();
    $this->task->refresh()->load(['kind', 'customer']);
    expect([$this->task->kind?->slug, $this->task->tags])->toBe(['quote', ['answered']]);
    app()->forgetScopedInstances();
    setFields($this, fieldsOf($this), ['task.customer' => null])->assertOk();
    expect($this->task->refresh()->customer_id)->toBeNull();
});

it('is changed by those who have to do with it', function (string $who, bool $may): void {
    $answer = $this->actingAs(House::user($who))->getJson("/tasks/{$this->task->id}/fields");
    expect($answer->getStatusCode())->toBe($may ? 200 : 403);
})->with([['hanneke', true], ['ayumi', true], ['femi', false]]);

it('goes all the way: waits, is reviewed, sent back, signed off, dropped', function (): void {
    $act = fn(string $who, string $what, array $data = []) => $this->actingAs(House::user($who))
        ->post("/tasks/{$this->task->id}/{$what}", $data)
        ->assertSessionHasNoErrors()
        ->assertSessionMissing('problem');
    $act('ayumi', 'wait', ['reason' => 'Parts to come', 'until' => now()->addDays(2)->toIso8601String()]);
    expect([$this->task->refresh()->status, $this->task->waiting_for])->toBe([TaskStatus::Waiting, 'Parts to come']);
    expect($this->task->wakes_at)->not->toBeNull();
    $act('ayumi', 'start');
    expect($this->task->refresh()->wakes_at)->toBeNull();
    $act('ayumi', 'ask-review', ['note' => 'The slide']);
    $this->task->refresh()->update(['reviewer_id' => House::person('femi')->id]);
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/approve")
        ->assertForbidden();
    $this->actingAs(House::user('femi'))
        ->post("/tasks/{$this->task->id}/send-back", ['reason' => ''])
        ->assertSessionHasErrors('reason');
    $act('femi', 'hand-review', ['to' => 'tobias', 'reason' => 'He knows slides']);
    $act('tobias', 'send-back', ['reason' => 'It still catches']);
    expect([$this->task->refresh()->status, $this->task->reviewer_id, $this->task->last_reviewer_id])->toBe([
        TaskStatus::Working,
        null,
        House::person('tobias')->id,
    ]);
    $act('ayumi', 'ask-review');
    $act('ayumi', 'take-back');
    $act('ayumi', 'ask-review');
    $act('hanneke', 'approve');
    expect($this->task->refresh()->completed_at)->not->toBeNull();
    $act('ayumi', 'reopen');
    $act('hanneke', 'drop', ['reason' => 'The customer sold it']);
    $act('hanneke', 'reopen');
    expect(TaskChange::query()->orderBy('id')->pluck('occasion')->all())->toBe([
        'waits',
        'started',
        'review_asked',
        'review_handed_on',
        'sent_back',
        'review_asked',
        'review_taken_back',
        'review_asked',
        'approved',
        'reopened',
        'dropped',
        'reopened',
    ]);
});
