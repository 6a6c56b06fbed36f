<?php

declare(strict_types=1);

use App\Models\Tasks\TaskFile;
use App\Models\Tasks\TaskKind;
use Illuminate\Testing\TestResponse;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

beforeEach(function (): void {
    House::open();
    House::publish(House::roundRule());
    $kind = TaskKind::query()->where('slug', 'bench-repair')->firstOrFail();
    $this->actingAs(House::user('hanneke'))
        ->put("/house/kinds/{$kind->id}", [
            'name' => 'Bench repair',
            'minutes' => 120,
            'completion' => ['file' => true, 'checklist' => true, 'note' => true, 'fields' => ['task.value']],
        ])
        ->assertSessionHasNoErrors();
    $this->task = House::arrive();
    $this->task->update(['checklist' => [['text' => 'Play it', 'done' => false]]]);
    $this->do = fn(string $what, array $data = []): TestResponse => $this->actingAs(House::user('ayumi'))->post(
        "/tasks/{$this->task->id}/{$what}",
        $data,
    );
    $this->missing = fn(): array => $this->actingAs(House::user('ayumi'))
        ->get("/tasks/{$this->task->id}")
        ->viewData('page')['props']['task']['missing'];
});

it('says before what is still needed, and completes nothing without it', function (string $what): void {
    expect(($this->missing)())->toBe(['the whole checklist ticked', 'a file attached', 'Value']);
    ($this->do)($what)->assertSessionHas(
        'problem',
        'Before it can be completed this is needed: the whole checklist ticked, a file attached, Value, ' .
            'a word on what was done.',
    );
    expect($this->task->refresh()->status)->toBe(TaskStatus::New);
    ($this->do)('tick', ['item' => 'Play it', 'done' => true]);
    TaskFile::query()->create([
        'task_id' => $this->task->id,
        'user_id' => House::user('ayumi')->id,
        'name' => 'valve.jpg',
        'type' => 'image/jpeg',
        'size' => 5,
        'path' => 'valve',
        'at' => now(),
    ]);
    $this->task->refresh()->update(['files_count' => 1, 'facts' => ['task.value' => 320]]);
    expect(($this->missing)())->toBe([]);
    // A word is said with it.
    ($this->do)($what)->assertSessionHas('problem');
    ($this->do)($what, ['note' => 'Freed and oiled.'])->assertSessionMissing('problem');
    expect($this->task->refresh()->status)->not->toBe(TaskStatus::New);
})->with(['complete', 'ask-review']);

it('asks nothing more of what is done, nor of another kind', function (): void {
    $this->task->update(['status' => TaskStatus::Done]);
    expect(($this->missing)())->toBe([]);
    $this->task = House::arrive('quote');
    $this->task->update(['assignee_id' => House::person('ayumi')->id]);
    expect(($this->missing)())->toBe([]);
});

it('takes fields of the house alone', function (): void {
    $kind = TaskKind::query()->where('slug', 'quote')->firstOrFail();
    $send = fn(mixed $completion): TestResponse => $this->actingAs(House::user('hanneke'))->put(
        "/house/kinds/{$kind->id}",
        ['name' => 'Quote', 'minutes' => 45, 'completion' => $completion],
    );
    $send(['fields' => ['task.nowhere']])->assertSessionHasErrors('completion.fields.0');
    $send(['file' => 'often'])->assertSessionHasErrors('completion.file');
    $send(['more' => true])->assertSessionHasErrors('completion');
    $send('all')->assertSessionHasErrors('completion');
    $send(null)->assertSessionHasNoErrors();
    expect($kind->refresh()->to_complete)->toBe([
        'file' => false,
        'checklist' => false,
        'note' => false,
        'fields' => [],
    ]);
});
