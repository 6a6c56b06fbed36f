<?php

declare(strict_types=1);

use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Tests\Support\Cases;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CaseFunctions.php';

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    Cases::track();
});

it('is closed with an outcome of its track alone', function (): void {
    $case = Cases::open(['owner' => 'ayumi']);
    foreach (['lost', 'Renewed', 'on-hire'] as $outcome) {
        deed(House::user('hanneke'), $case, 'close', ['outcome' => $outcome, 'open' => 'drop'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/outcome');
    }
    expect([$case->refresh()->closed_at, $case->outcome, $case->revision])->toBe([null, null, 1]);
    deed(House::user('hanneke'), $case, 'close', ['outcome' => 'renewed', 'open' => 'drop'])->assertOk();
});

it('is opened from a task by whoever may change the task, below a case that they see', function (): void {
    $task = House::arrive('quote');
    $task->update(['assignee_id' => House::person('hanneke')->id]);
    $above = Cases::open(['owner' => 'hanneke']);
    $open = fn(string $who, array $more): mixed => $this->actingAs(House::user($who))->postJson(
        '/cases',
        ['track' => 'hire', 'title' => 'Six cellos'] + $more,
    );
    foreach (['task' => $task->id, 'above' => $above->id] as $member => $id) {
        $open('tobias', [$member => $id])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', "/{$member}");
    }
    expect([CustomerCase::query()->count(), Task::query()->whereNotNull('case_id')->count()])->toBe([1, 0]);
    $open('hanneke', ['task' => $task->id, 'above' => $above->id])->assertCreated();
    $case = CustomerCase::query()->latest('number')->firstOrFail();
    expect([$task->refresh()->case_id, $case->parent_id])->toBe([$case->id, $above->id]);
});
