<?php

declare(strict_types=1);

use App\Models\Tasks\Comment;
use App\Models\Tasks\TaskChange;
use App\Tasks\WaitTask;
use Carbon\CarbonImmutable;
use Tests\Support\House;

require_once __DIR__ . '/TaskEditFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive(facts: ['task.value' => 300]);
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
    expect($entry['said'])->toBe('Ayumi Kato started it');
    expect($entry['decision']['effects'])->toBe([['rule' => 'First', 'said' => ['Tag “begun”']]]);
    expect($entry['follows'])->toHaveCount(1);
    expect($entry['follows'][0]['changes'])->toBe(['Tagged begun']);
    expect($entry['follows'][0]['decision']['rule'])->toBe('Second');
    expect($task['assignee']['slug'])->toBe('tobias');
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
    expect($known['watching'])->toBeTrue();
    expect(array_column($known['watchers'], 'slug'))->toBe(['femi']);
    expect(TaskChange::query()->pluck('occasion')->all())->toBe(['watched']);
    expect($known['history'][1]['said'])->toBe('Femi Adeyinka watches it');
    expect($known['history'][1]['changes'])->toBe(['Watched by Femi Adeyinka']);
    $this->post("/tasks/{$this->task->id}/watch", ['on' => 0])->assertSessionHasNoErrors();
    expect($page()['watching'])->toBeFalse();
    expect($page()['watchers'])->toBe([]);
    $this->post("/tasks/{$this->task->id}/watch")->assertSessionHasErrors('on');
});

it('refuses a text of a megabyte with a clear word, and keeps nothing of it', function (): void {
    $long = str_repeat('x', 1 << 20);
    $seen = fieldsOf($this);
    foreach (['task.details', 'task.title'] as $path) {
        $answer = setFields($this, $seen, [$path => $long])->assertStatus(422);
        expect($answer->json('errors.0.pointer'))->toBe("/set/{$path}");
        expect($answer->json('errors.0.detail'))->toContain('characters');
    }
    $this->post("/tasks/{$this->task->id}/comment", ['body' => $long])->assertSessionHasErrors([
        'body' => 'A comment has at most 5000 characters; put more into a file.',
    ]);
    expect(TaskChange::query()->count())->toBe(0);
    expect(Comment::query()->count())->toBe(0);
});
