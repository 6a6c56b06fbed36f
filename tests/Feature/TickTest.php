<?php

declare(strict_types=1);

use App\Http\Stamps;
use App\Models\House\House as HouseRow;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\House;

function stampAfterTick(string $at): string
{
    test()->travelTo(CarbonImmutable::parse($at));
    test()->artisan('baton:tick')->assertExitCode(0);

    return (new Stamps())->all();
}

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-03-02T08:00:00Z'));
    House::open([
        [
            'id' => 'away',
            'person' => 'callum',
            'from' => '2026-03-02T12:00:00Z',
            'to' => '2026-03-02T14:00:00Z',
            'status' => 'approved',
        ],
    ]);
});

it('moves the stamp when an absence begins and when it ends, and not between', function (): void {
    $before = stampAfterTick('2026-03-02T11:59:59Z');
    $begins = stampAfterTick('2026-03-02T12:00:00Z');
    $during = stampAfterTick('2026-03-02T13:00:00Z');
    $ends = stampAfterTick('2026-03-02T14:00:30Z');
    expect($begins)->not->toBe($before);
    expect($during)->toBe($begins);
    expect($ends)->not->toBe($during);
    expect(stampAfterTick('2026-03-02T14:01:00Z'))->toBe($ends);
});

it('moves the stamp when an open task becomes late', function (TaskStatus $status, bool $moves): void {
    House::publish(House::roundRule());
    $task = House::arrive();
    Task::query()
        ->whereKey($task->id)
        ->update(['due_at' => '2026-03-02 09:30:00', 'status' => $status]);
    $before = stampAfterTick('2026-03-02T09:29:59Z');
    expect(stampAfterTick('2026-03-02T09:30:00Z') !== $before)->toBe($moves);
})->with([
    [TaskStatus::New, true],
    [TaskStatus::Waiting, true],
    [TaskStatus::Done, false],
    [TaskStatus::Dropped, false],
]);

it('makes up for ticks that were missed', function (): void {
    $before = stampAfterTick('2026-03-02T08:01:00Z');
    expect(stampAfterTick('2026-03-05T08:00:00Z'))->not->toBe($before);
    expect(HouseRow::query()->sole()->ticked_at?->toIso8601ZuluString())->toBe('2026-03-05T08:00:00Z');
});

it('does nothing for a clock that was set back', function (): void {
    $after = stampAfterTick('2026-03-02T15:00:00Z');
    expect(stampAfterTick('2026-03-02T11:00:00Z'))->toBe($after);
    expect(HouseRow::query()->sole()->ticked_at?->toIso8601ZuluString())->toBe('2026-03-02T15:00:00Z');
    expect(stampAfterTick('2026-03-02T12:30:00Z'))->toBe($after);
});

it('does nothing where there is no house yet', function (): void {
    HouseRow::query()->delete();
    $this->artisan('baton:tick')->assertExitCode(0);
    expect((new Stamps())->all())->toStartWith('-.0-0-0.');
});

it('is called every minute, one at a time', function (): void {
    $this->artisan('schedule:list')->expectsOutputToContain('baton:tick')->assertExitCode(0);
});
