<?php

declare(strict_types=1);

use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Tasks\WaitTask;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive(facts: ['task.value' => 300]);
});

/** @return array<string, mixed> the values of the fields, by path */
function fieldsOf(mixed $test, string $who = 'ayumi'): array
{
    return array_column(
        $test
            ->actingAs(House::user($who))
            ->getJson("/tasks/{$test->task->id}/fields")
            ->assertOk()
            ->json('fields'),
        'value',
        'path',
    );
}

/** @param array<string, mixed> $set */
function setFields(mixed $test, array $seen, array $set, string $who = 'ayumi'): TestResponse
{
    return $test
        ->actingAs(House::user($who))
        ->putJson("/tasks/{$test->task->id}/fields", ['seen' => array_intersect_key($seen, $set), 'set' => $set]);
}

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
    expect($last['said'])
        ->toBe('Ayumi Kato changed it')
        ->and($last['changes'])
        ->toContain(
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
        expect($answer)
            ->toHaveCount(1)
            ->and($answer[0])
            ->toMatchArray([
                'path' => 'task.title',
                'theirs' => 'Hanneke says',
                'yours' => 'Ayumi says',
                'label' => 'Title',
                'said' => 'Title: Hanneke says → Ayumi says',
            ])
            ->and([$this->task->refresh()->title, $this->task->facts])
            ->toBe(['Hanneke says', ['task.value' => 400]]);
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
    expect($this->task->refresh()->priority)
        ->toBe(Priority::Normal)
        ->and(TaskChange::query()->count())
        ->toBe(0);
})->with([
    'no title' => [['task.title' => '  '], '/set/task.title'],
    'a title of a megabyte' => [['task.title' => str_repeat('x', 1_000_000)], '/set/task.title'],
    'details of a megabyte' => [['task.details' => str_repeat('x', 1_000_000)], '/set/task.details'],
    'a year that no column holds' => [['task.due' => '9999-01-01T00:00:00Z'], '/set/task.due'],
    'a person who is nobody' => [['task.repaired_by' => 'nobody'], '/set/task.repaired_by'],
    'a tag too long' => [['task.tags' => [str_repeat('x', 61)]], '/set/task.tags/0'],
    'a field of the state' => [['task.status' => 'done'], '/set/task.status'],
    'its kind' => [['task.kind' => 'quote'], '/set/task.kind'],
]);

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
    expect([$this->task->refresh()->status, $this->task->waiting_for])
        ->toBe([TaskStatus::Waiting, 'Parts to come'])
        ->and($this->task->wakes_at)
        ->not->toBeNull();
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

it('says things, to somebody who watches it from then on, and nothing of it runs', function (): void {
    $evil = '<script>alert(1)</script> & <b>bold</b>';
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/comment", ['body' => $evil, 'mentions' => ['tobias']])
        ->assertSessionHasNoErrors();
    $page = $this->get("/tasks/{$this->task->id}");
    expect(Comment::query()->sole()->body)
        ->toBe($evil)
        ->and($page->getContent())
        ->not->toContain('<script>alert(1)')
        ->and($this->task->refresh()->watchers()->pluck('slug')->all())
        ->toBe(['tobias'])
        ->and($this->task->comments_count)
        ->toBe(1);
    $history = $page->viewData('page')['props']['task']['history'];
    expect(end($history))->toMatchArray(['said' => 'Ayumi Kato said to Tobias Lindqvist', 'comment' => $evil]);
    $this->post("/tasks/{$this->task->id}/comment", ['body' => str_repeat('x', 1_000_000)])->assertSessionHasErrors(
        'body',
    );
    $this->post("/tasks/{$this->task->id}/comment", ['body' => 'x', 'mentions' => ['nobody']])->assertSessionHasErrors(
        'mentions.0',
    );
    expect(Comment::query()->count())->toBe(1);
});

it('lets rules answer that somebody is mentioned, whoever else is', function (): void {
    House::publish(
        House::roundRule(),
        [
            'id' => 'asked',
            'name' => 'Tobias is asked',
            'when' => [['kind' => 'mentioned', 'whom' => 'tobias']],
            'then' => [['kind' => 'tag', 'tag' => 'asked']],
        ],
        [
            'id' => 'by-holder',
            'name' => 'The holder asks',
            'when' => [['kind' => 'mentioned', 'by' => 'holder']],
            'then' => [['kind' => 'tag', 'tag' => 'by the holder']],
        ],
    );
    $say = fn(string $who, string ...$to) => $this->actingAs(House::user($who))
        ->post("/tasks/{$this->task->id}/comment", ['body' => 'Look', 'mentions' => $to])
        ->assertSessionHasNoErrors();
    $say('hanneke');
    $say('hanneke', 'femi');
    expect($this->task->refresh()->tags)->toBe([]);
    $say('hanneke', 'femi', 'tobias');
    expect($this->task->refresh()->tags)->toBe(['asked']);
    $say('ayumi', 'callum');
    expect($this->task->refresh()->tags)
        ->toBe(['asked', 'by the holder'])
        ->and(
            Decision::query()
                ->where('event', 'mentioned')
                ->pluck('record')
                ->map(static fn(array $record): array => $record['happened'])
                ->all(),
        )
        ->toBe([
            [
                ['kind' => 'comment_added', 'by' => 'anyone'],
                ['kind' => 'mentioned', 'by' => 'anyone', 'whom' => 'femi'],
                ['kind' => 'mentioned', 'by' => 'anyone', 'whom' => 'tobias'],
            ],
            [
                ['kind' => 'comment_added', 'by' => 'holder'],
                ['kind' => 'mentioned', 'by' => 'holder', 'whom' => 'callum'],
            ],
        ]);
});

it('has its checklist ticked, and rules hear that it is complete', function (): void {
    House::publish(
        House::rule(
            'list',
            ['all' => []],
            ['pool' => ['kind' => 'people', 'people' => ['ayumi']], 'method' => ['kind' => 'in_order']],
            [['kind' => 'checklist', 'checklist' => 'brass-check']],
        ),
        [
            'id' => 'complete',
            'name' => 'Complete',
            'when' => [['kind' => 'checklist_complete']],
            'then' => [['kind' => 'status', 'status' => 'in_review']],
        ],
    );
    $task = House::arrive();
    $tick = fn(string $item, bool $done) => $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$task->id}/tick", ['item' => $item, 'done' => $done])
        ->assertSessionHasNoErrors();
    $tick('Photograph it', true);
    $tick('Photograph it', false);
    $tick('Photograph it', true);
    expect($task->refresh()->status)->toBe(TaskStatus::New);
    $tick('Play it', true);
    expect($task->refresh()->status)->toBe(TaskStatus::InReview);
    $this->actingAs(House::user('femi'))
        ->post("/tasks/{$task->id}/tick", ['item' => 'Play it', 'done' => false])
        ->assertForbidden();
});

it('has the buttons of rules, for those who may press them', function (): void {
    House::publish(House::roundRule(), [
        'id' => 'parts',
        'name' => 'Parts',
        'when' => [['kind' => 'pressed', 'label' => 'Order parts']],
        'if' => ['field' => 'task.value', 'op' => 'more_than', 'value' => 100],
        'then' => [['kind' => 'tag', 'tag' => 'parts']],
    ]);
    $buttons = fn(string $who, Task $task): array => $this->actingAs(House::user($who))
        ->get("/tasks/{$task->id}")
        ->viewData('page')['props']['task']['buttons'];
    $cheap = House::arrive(facts: ['task.value' => 10]);
    expect($buttons('ayumi', $this->task))
        ->toBe([['rule' => 'parts', 'label' => 'Order parts']])
        ->and($buttons('femi', $this->task))
        ->toBe([])
        ->and($buttons('hanneke', $cheap))
        ->toBe([]);
    $this->actingAs(House::user('femi'))
        ->post("/tasks/{$this->task->id}/press/parts")
        ->assertForbidden();
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/press/parts")
        ->assertRedirect();
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/press/round")
        ->assertForbidden();
    expect($this->task->refresh()->tags)
        ->toBe(['parts'])
        ->and(Decision::query()->orderByDesc('id')->first()?->event)
        ->toBe('pressed');
});

it('says what will happen by itself, by which rule, and what would stop it', function (): void {
    CarbonImmutable::setTestNow('2026-03-02T10:00:00Z');
    House::publish(House::roundRule(), [
        'id' => 'overdue',
        'name' => 'Overdue',
        'when' => [['kind' => 'date_reached', 'field' => 'task.due', 'offset' => '+1 days']],
        'then' => [['kind' => 'tag', 'tag' => 'late']],
    ]);
    $task = House::arrive();
    app(WaitTask::class)($task, 'Parts', CarbonImmutable::parse('2026-03-03T09:00:00Z'), House::user('hanneke'));
    $next = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$task->id}")
        ->viewData('page')['props']['task']['next'];
    expect($next)->toBe([
        [
            'at' => '2026-03-03T09:00:00Z',
            'what' => 'it no longer waits',
            'rule' => null,
            'unless' => 'unless somebody goes on with it before',
        ],
        [
            'at' => '2026-03-05T17:00:00Z',
            'what' => '“Due date” is 1 day past',
            'rule' => ['id' => 'overdue', 'name' => 'Overdue'],
            'unless' => 'unless it is done by then, or “Due date” moves',
        ],
    ]);
});

it('draws a chain as causes, each decision with its own trail', function (): void {
    House::publish(
        House::roundRule(),
        [
            'id' => 'a',
            'name' => 'First',
            'when' => [['kind' => 'status_becomes', 'statuses' => ['working']]],
            'then' => [['kind' => 'tag', 'tag' => 'begun']],
        ],
        [
            'id' => 'b',
            'name' => 'Second',
            'when' => [['kind' => 'tag_on', 'tags' => ['begun']]],
            'give' => ['pool' => ['kind' => 'people', 'people' => ['tobias']], 'method' => ['kind' => 'in_order']],
        ],
    );
    $this->actingAs(House::user('ayumi'))->post("/tasks/{$this->task->id}/start");
    $task = $this->get("/tasks/{$this->task->id}")->viewData('page')['props']['task'];
    $entry = end($task['history']);
    expect($entry['said'])
        ->toBe('Ayumi Kato started it')
        ->and($entry['decision']['effects'])
        ->toBe([['rule' => 'First', 'said' => ['Tag “begun”']]])
        ->and($entry['follows'])
        ->toHaveCount(1)
        ->and($entry['follows'][0]['changes'])
        ->toBe(['Tagged begun'])
        ->and($entry['follows'][0]['decision']['rule'])
        ->toBe('Second')
        ->and($task['assignee']['slug'])
        ->toBe('tobias');
    $this->getJson("/tasks/{$this->task->id}/decisions/{$entry['follows'][0]['decision']['id']}")
        ->assertOk()
        ->assertJsonPath('pick.slug', 'tobias');
    $other = House::arrive();
    $this->getJson("/tasks/{$other->id}/decisions/{$entry['decision']['id']}")->assertNotFound();
});

it('is watched by whoever wants to, and no longer, each once', function (): void {
    $page = fn(): array => $this->get("/tasks/{$this->task->id}")->inertiaProps('task');
    $this->actingAs(House::user('femi'));
    expect($page()['watching'])->toBeFalse();
    $this->post("/tasks/{$this->task->id}/watch", ['on' => 1])->assertSessionHasNoErrors();
    $this->post("/tasks/{$this->task->id}/watch", ['on' => 1])->assertSessionHasNoErrors();
    $known = $page();
    expect($known['watching'])
        ->toBeTrue()
        ->and(array_column($known['watchers'], 'slug'))
        ->toBe(['femi'])
        ->and(TaskChange::query()->pluck('occasion')->all())
        ->toBe(['watched'])
        ->and($known['history'][1]['said'])
        ->toBe('Femi Adeyinka watches it')
        ->and($known['history'][1]['changes'])
        ->toBe(['Watched by Femi Adeyinka']);
    $this->post("/tasks/{$this->task->id}/watch", ['on' => 0])->assertSessionHasNoErrors();
    expect($page()['watching'])->toBeFalse()->and($page()['watchers'])->toBe([]);
    $this->post("/tasks/{$this->task->id}/watch")->assertSessionHasErrors('on');
});

it('refuses a text of a megabyte with a clear word, and keeps nothing of it', function (): void {
    $long = str_repeat('x', 1 << 20);
    $seen = fieldsOf($this);
    foreach (['task.details', 'task.title'] as $path) {
        $answer = setFields($this, $seen, [$path => $long])->assertStatus(422);
        expect($answer->json('errors.0.pointer'))
            ->toBe("/set/{$path}")
            ->and($answer->json('errors.0.detail'))
            ->toContain('characters');
    }
    $this->post("/tasks/{$this->task->id}/comment", ['body' => $long])->assertSessionHasErrors([
        'body' => 'A comment has at most 5000 characters; put more into a file.',
    ]);
    expect(TaskChange::query()->count())
        ->toBe(0)
        ->and(Comment::query()->count())
        ->toBe(0);
});
