<?php

declare(strict_types=1);

use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

require_once __DIR__ . '/LevellingFunctions.php';

beforeEach(function (): void {
    // Ayumi: sixteen hours due this evening.
    $this->tasks = benchInNeed();
});

/** @return array<string, mixed> what the lane of somebody would become */
function previewed(mixed $test, array $tasks, string $slug): array
{
    $answer = $test->actingAs(House::user('hanneke'))->postJson('/floor/preview', [
        'tasks' => array_map(static fn(Task $one): string => $one->id, $tasks),
        'people' => [$slug],
    ]);

    return $answer->assertOk()->json()[0];
}

it('says what a lane would become with tasks that are to be given', function (): void {
    expect(previewed($this, [$this->tasks[0]], 'femi'))->toBe([
        'slug' => 'femi',
        'holds' => false,
        'may' => true,
        'against' => [],
        'awayUntil' => null,
        'finishAt' => '2026-03-02T15:00:00Z',
        'dated' => 1,
        'late' => 0,
        'othersLate' => 0,
        'loadBefore' => 0,
        'loadAfter' => 13,
    ]);
    $two = previewed($this, [$this->tasks[0], $this->tasks[1]], 'femi');
    expect([$two['finishAt'], $two['late']])->toBe(['2026-03-03T12:00:00Z', 1]);
    expect(previewed($this, [$this->tasks[0]], 'tobias')['against'])->toBe([
        'not one of those whom the rule chooses from',
    ]);
    expect(previewed($this, [$this->tasks[0]], 'ayumi')['holds'])->toBeTrue();
    Task::query()
        ->whereKey($this->tasks[3]->id)
        ->update(['assignee_id' => House::person('femi')->id]);
    Task::query()
        ->whereKey($this->tasks[0]->id)
        ->update(['due_at' => '2026-03-02 16:00:00']);
    expect(previewed($this, [$this->tasks[0]], 'femi'))->toMatchArray(['late' => 0, 'othersLate' => 1]);
    // What is overdue can't be in time with anybody.
    Task::query()
        ->whereKey($this->tasks[0]->id)
        ->update(['due_at' => '2026-03-02 08:00:00']);
    expect(previewed($this, [$this->tasks[0]], 'callum'))->toMatchArray(['late' => 0, 'dated' => 0]);
});

/** @param list<Task> $tasks as they were seen */
function give(mixed $test, array $tasks, string $to): array
{
    $answer = $test->actingAs(House::user('hanneke'))->postJson('/floor/give', [
        'tasks' => array_map(static fn(Task $one): string => $one->id, $tasks),
        'revisions' => array_map(static fn(Task $one): int => (int) $one->revision, $tasks),
        'to' => $to,
        'reason' => 'More room',
    ]);

    return $answer->assertOk()->json();
}

it('gives tasks with a reason, and of two leads who give the same the later is told', function (): void {
    $tasks = [$this->tasks[0], $this->tasks[1]];
    $seen = array_map(static fn(Task $one): Task => $one->refresh(), [$this->tasks[0], $this->tasks[1]]);
    $later = array_map(static fn(Task $one): Task => clone $one, $seen);
    expect(give($this, [$tasks[0]], 'femi'))->toBe(['done' => 1, 'refused' => []]);
    $answer = give($this, $later, 'callum');
    expect($answer['done'])->toBe(1);
    expect($answer['refused'][0]['number'])->toBe((int) $tasks[0]->number);
    expect($answer['refused'][0]['said'])->toContain('Femi Adeyinka holds it');
    expect($tasks[0]->refresh()->assignee?->slug)->toBe('femi');
    expect($tasks[1]->refresh()->assignee?->slug)->toBe('callum');
    expect(Handoff::query()->latest('id')->firstOrFail()->reason)->toBe('More room');
});

it('gives nothing to somebody whom there is not, nor what is done', function (): void {
    $this->actingAs(House::user('hanneke'))
        ->postJson('/floor/give', [
            'tasks' => [$this->tasks[0]->id],
            'revisions' => [1],
            'to' => 'nobody',
            'reason' => '',
        ])
        ->assertUnprocessable()
        ->assertJsonPath('errors.0.pointer', '/to');
    Task::query()
        ->whereKey($this->tasks[0]->id)
        ->update(['status' => TaskStatus::Done]);
    expect(give($this, [$this->tasks[0]->refresh()], 'femi')['done'])->toBe(0);
});
