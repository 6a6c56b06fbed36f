<?php

declare(strict_types=1);

use App\Foresight\LearnEffort;
use App\Models\Foresight\LearnedEffort;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

/**
 * Repairs that are done, of which each took a minute more than the one before.
 *
 * @param array<string, mixed> $with columns
 */
function doneRepairs(Task $like, int $count, int $from, array $with = []): void
{
    $row = array_diff_key($like->getAttributes(), ['idempotency_key' => 0]);
    for ($place = 0; $place < $count; ++$place) {
        $number = DB::table('tasks')->max('number') + 1;
        DB::table('tasks')->insert(
            $with + [
                    'id' => sprintf('01J00000000000000000%06d', $number),
                    'number' => $number,
                    'status' => TaskStatus::Done->value,
                    'completed_at' => '2026-02-20 12:00:00',
                    'spent_minutes' => $from + $place,
                ] +
                $row,
        );
    }
}

beforeEach(function (): void {
    Clock::set('2026-03-02T10:00:00Z');
    House::open();
    House::publish(House::roundRule());
    $this->task = House::arrive(facts: ['task.family' => 'brass']);
    $this->learn = static fn() => (new LearnEffort())->handle();
    $this->repair = fn(): array => collect(
        $this->actingAs(House::user('hanneke'))->get('/house')->assertOk()->viewData('page')['props']['kinds'],
    )->firstWhere('slug', 'bench-repair');
});

it('learns what tasks of a kind really take, and of values of a list where there are enough', function (): void {
    doneRepairs($this->task, 20, 51);
    doneRepairs($this->task, 20, 101, ['facts' => json_encode(['task.family' => 'strings'])]);
    doneRepairs($this->task, 3, 900, [
        'facts' => json_encode(['task.family' => 'strings']),
        'completed_at' => '2025-11-01 12:00:00',
    ]);
    doneRepairs($this->task, 4, 0, ['spent_minutes' => 0, 'facts' => '{}']);
    ($this->learn)();
    ($this->learn)();
    $repair = ($this->repair)();
    expect($repair['minutes'])->toBe(120);
    expect($repair['learned'])->toBe([
        ['of' => null, 'counted' => 40, 'without' => 4, 'quarter' => 60, 'median' => 70, 'threeQuarters' => 110],
        ['of' => 'Brass', 'counted' => 20, 'without' => 0, 'quarter' => 55, 'median' => 60, 'threeQuarters' => 65],
        ['of' => 'Strings', 'counted' => 20, 'without' => 0, 'quarter' => 105, 'median' => 110, 'threeQuarters' => 115],
    ]);
});

it('says nothing where nothing is known, and little of few', function (): void {
    ($this->learn)();
    expect(($this->repair)()['learned'])->toBe([]);
    doneRepairs($this->task, 19, 51);
    ($this->learn)();
    expect(($this->repair)()['learned'])->toHaveCount(1);
});

it('calls an open task long that has taken more than nine of ten', function (
    int $spent,
    int $done,
    bool $isLong,
): void {
    doneRepairs($this->task, $done, 51);
    ($this->learn)();
    $this->task->update(['spent_minutes' => $spent]);
    $shown = $this->actingAs(House::user('hanneke'))
        ->get("/tasks/{$this->task->id}")
        ->assertOk();
    expect($shown->viewData('page')['props']['task']['isLong'])->toBe($isLong);
})->with([
    // Of 51 to 70 nine of ten are 68 or less.
    'longer' => [69, 20, true],
    'as long' => [68, 20, false],
    'not begun' => [0, 20, false],
    'too few are known' => [69, 19, false],
]);

it('is learned each hour, by whoever asks first', function (): void {
    $now = now()->toImmutable();
    expect(LearnEffort::isDue($now))->toBeTrue();
    expect(LearnEffort::isDue($now->addMinutes(59)))->toBeFalse();
    expect(LearnEffort::isDue($now->addMinutes(61)))->toBeTrue();
    expect(LearnedEffort::query()->count())->toBe(0);
});
