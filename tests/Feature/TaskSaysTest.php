<?php

declare(strict_types=1);

use App\Models\Tasks\Comment;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

require_once __DIR__ . '/TaskEditFunctions.php';

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive(facts: ['task.value' => 300]);
});

it('says things, to somebody who watches it from then on, and nothing of it runs', function (): void {
    $evil = '<script>alert(1)</script> & <b>bold</b>';
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/comment", ['body' => $evil, 'mentions' => ['tobias']])
        ->assertSessionHasNoErrors();
    $page = $this->get("/tasks/{$this->task->id}");
    expect(Comment::query()->sole()->body)->toBe($evil);
    expect($page->getContent())->not->toContain('<script>alert(1)');
    expect($this->task->refresh()->watchers()->pluck('slug')->all())->toBe(['tobias']);
    expect($this->task->comments_count)->toBe(1);
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
    expect($this->task->refresh()->tags)->toBe(['asked', 'by the holder']);
    expect(
        Decision::query()
            ->where('event', 'mentioned')
            ->pluck('record')
            ->map(static fn(array $record): array => $record['happened'])
            ->all(),
    )->toBe([
        [
            ['kind' => 'comment_added', 'by' => 'anyone'],
            ['kind' => 'mentioned', 'by' => 'anyone', 'whom' => 'femi'],
            ['kind' => 'mentioned', 'by' => 'anyone', 'whom' => 'tobias'],
        ],
        [['kind' => 'comment_added', 'by' => 'holder'], ['kind' => 'mentioned', 'by' => 'holder', 'whom' => 'callum']],
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
    expect($buttons('ayumi', $this->task))->toBe([['rule' => 'parts', 'label' => 'Order parts']]);
    expect($buttons('femi', $this->task))->toBe([]);
    expect($buttons('hanneke', $cheap))->toBe([]);
    $this->actingAs(House::user('femi'))
        ->post("/tasks/{$this->task->id}/press/parts")
        ->assertForbidden();
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/press/parts")
        ->assertRedirect();
    $this->actingAs(House::user('ayumi'))
        ->post("/tasks/{$this->task->id}/press/round")
        ->assertForbidden();
    expect($this->task->refresh()->tags)->toBe(['parts']);
    expect(Decision::query()->orderByDesc('id')->first()?->event)->toBe('pressed');
});
