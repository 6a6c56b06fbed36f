<?php

declare(strict_types=1);

use App\Absences\EndAbsence;
use App\Access\Actor;
use App\Models\Absences\CoverSetting;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/CalendarFunctions.php';

require_once __DIR__ . '/CoverFunctions.php';

beforeEach(function (): void {
    beginCalendar();
});

it('asks substitutes for the work that is theirs alone', function (): void {
    away(
        'callum',
        '2026-03-02',
        '2026-03-06',
        ['femi', 'tobias'],
        only: ['femi' => ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote']],
    );
    expect([House::arrive('quote')->assignee?->slug, House::arrive('bench-repair')->assignee?->slug])->toBe([
        'femi',
        'tobias',
    ]);
});

it('gives what was set by hand to whom it was set, and keeps what is to stay', function (): void {
    $absence = away('callum', '2026-03-09', '2026-03-13', ['femi']);
    $tasks = [due('2026-03-10', 'Given'), due('2026-03-10', 'Kept'), due('2026-03-10', 'Neither')];
    CoverSetting::query()->create([
        'absence_id' => $absence->id,
        'task_id' => $tasks[0]->id,
        'person_id' => House::person('ayumi')->id,
    ]);
    CoverSetting::query()->create(['absence_id' => $absence->id, 'task_id' => $tasks[1]->id, 'person_id' => null]);
    clockAt('2026-03-09T00:00:00Z');
    expect(array_map(static fn(Task $task): ?string => $task->refresh()->assignee?->slug, $tasks))->toBe([
        'ayumi',
        'callum',
        'femi',
    ]);
});

it('hands back what was covered where an import has taken the absence away', function (): void {
    $task = due('2026-03-06');
    $absence = away('callum', '2026-03-02', '2026-03-06', ['femi']);
    expect($task->refresh()->assignee?->slug)->toBe('femi');
    $absence->delete();
    App\Models\House\House::query()->increment('roster_revision');
    clockAt('2026-03-02T10:01:00Z');
    expect($task->refresh()->assignee?->slug)->toBe('callum');
});

it('moves many tasks with a number of queries each that does not grow', function (): void {
    $queries = static function (int $tasks): int {
        for ($count = 0; $count < $tasks; ++$count) {
            due('2026-03-10');
        }
        $absence = away('callum', '2026-03-03', '2026-03-04', ['femi'], HeldPolicy::All);
        DB::enableQueryLog();
        DB::flushQueryLog();
        clockAt('2026-03-03T00:00:00Z');
        $count = count(DB::getQueryLog());
        DB::disableQueryLog();
        expect(Task::query()->where('assignee_id', House::person('femi')->id)->count())->toBe($tasks);
        Clock::set('2026-03-02T10:00:00Z');
        app(EndAbsence::class)($absence, Actor::system('test'));
        Task::query()->update([
            'assignee_id' => null,
            'status' => TaskStatus::Dropped,
            'completed_at' => CarbonImmutable::now(),
        ]);

        return $count;
    };
    $queries(1);
    $few = $queries(5);
    $many = $queries(10);
    expect($queries(45) - $many)->toBe(7 * ($many - $few));
});
