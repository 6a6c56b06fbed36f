<?php

declare(strict_types=1);

use App\Models\Tasks\Task;
use Database\Factories\Absences\AbsenceFactory;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

require_once __DIR__ . '/WorkCalendarFunctions.php';

// A Tuesday; Dublin is on UTC until the 29th, and an hour before it after.
beforeEach(function (): void {
    Clock::set('2026-03-03T10:00:00Z');
    House::open();
});

it('says of each day of a month what is due, what is late, what was done, and who is away', function (): void {
    dueTask('Horn', 'femi', '2026-03-03 09:59:00');
    dueTask('Tuba', 'femi', '2026-03-03 10:01:00');
    foreach (['Cornet', 'Flugelhorn', 'Trumpet', 'Trombone'] as $minute => $title) {
        dueTask($title, 'ayumi', "2026-03-12 12:0{$minute}:00");
    }
    // Midnight in Dublin, in summer time, of the 31st: 23:30 UTC of the 30th is the 31st there.
    dueTask('Serpent', 'ayumi', '2026-03-30 23:30:00');
    $done = dueTask('Bugle', 'ayumi', '2026-03-02 12:00:00');
    Task::query()
        ->whereKey($done->id)
        ->update(['status' => TaskStatus::Done, 'completed_at' => '2026-03-02 16:00:00']);
    AbsenceFactory::new()
        ->of('callum')
        ->days('2026-03-12', '2026-03-15')
        ->create(['slug' => 'away']);

    $cells = cellsOf($this, 'hanneke', 'all=1&date=2026-03-15');
    expect(array_key_first($cells))
        ->toBe('2026-02-23')
        ->and(array_key_last($cells))
        ->toBe('2026-04-05')
        ->and($cells['2026-03-03'])
        ->toMatchArray(['due' => 2, 'late' => 1, 'state' => 'works'])
        ->and($cells['2026-03-02'])
        ->toMatchArray(['due' => 0, 'done' => 1])
        ->and($cells['2026-03-12'])
        ->toMatchArray(['due' => 4, 'late' => 0, 'awayInAll' => 1])
        ->and(array_column($cells['2026-03-12']['first'], 'title'))
        ->toBe(['Cornet', 'Flugelhorn', 'Trumpet'])
        ->and(array_column($cells['2026-03-12']['away'], 'slug'))
        ->toBe(['callum'])
        // On Saturday nobody would have worked.
        ->and($cells['2026-03-14'])
        ->toMatchArray(['state' => 'off', 'awayInAll' => 0])
        ->and($cells['2026-03-31']['due'])
        ->toBe(1);
    $own = cellsOf($this, 'hanneke', 'person=callum&date=2026-03-15');
    expect($own['2026-03-12'])
        ->toMatchArray(['state' => 'away', 'due' => 0])
        ->and($own['2026-03-11']['state'])
        ->toBe('works');
});

it('says how full the days ahead are, and nothing of those that are over', function (): void {
    // Five people of eight hours at 80 % are 5 × 384 minutes; an hour of today is over in Dublin.
    dueTask('Horn', 'femi', '2026-03-05 17:00:00', 500);
    $cells = cellsOf($this, 'hanneke', 'all=1&date=2026-03-15');
    expect($cells['2026-03-02']['capacity'])
        ->toBeNull()
        ->and($cells['2026-03-04'])
        ->toMatchArray(['capacity' => 5 * 384, 'planned' => 500 - (7 * 384) / 8])
        ->and($cells['2026-03-05']['planned'])
        ->toBe(0);
});

it('shows a week of several by lanes, and one of somebody by hours', function (): void {
    dueTask('Horn', 'femi', '2026-03-04 12:00:00', 120);
    $week = calendarOf($this, 'hanneke', 'team=brass-bench');
    expect($week['hours'])
        ->toBeNull()
        ->and(array_column(array_column($week['lanes'], 'person'), 'slug'))
        ->toBe(['ayumi', 'femi', 'callum'])
        ->and($week['lanes'][1]['cells'][2])
        ->toMatchArray(['date' => '2026-03-04', 'due' => 1, 'late' => 0])
        ->and($week['lanes'][0]['cells'][2]['due'])
        ->toBe(0);
    $own = calendarOf($this, 'femi', 'by=week');
    expect($own['view'])
        ->toMatchArray(['kind' => 'person', 'slug' => 'femi', 'earlier' => '2026-02-24', 'later' => '2026-03-10'])
        ->and($own['hours']['axis'])
        ->toBe(['from' => 9, 'to' => 17])
        ->and($own['hours']['rows'])
        ->toHaveCount(7)
        // Two hours of effort at 80 % take two and a half.
        ->and($own['hours']['rows'][1]['hours']['blocks'][0])
        ->toMatchArray(['from' => '2026-03-03T10:00:00Z', 'to' => '2026-03-03T12:30:00Z', 'title' => 'Horn']);
});

it('shows a task that several hold, and one that is reviewed, to each of them', function (): void {
    $task = dueTask('Horn', 'femi', '2026-03-04 12:00:00');
    Task::query()
        ->whereKey($task->id)
        ->update(['status' => TaskStatus::InReview, 'reviewer_id' => House::person('ayumi')->id]);
    $both = dueTask('Tuba', 'femi', '2026-03-05 12:00:00');
    $both->holdsWith()->attach(House::person('ayumi')->id, ['position' => 1, 'open' => true]);
    Task::query()
        ->whereKey($both->id)
        ->update(['do_together' => false]);
    $lanes = calendarOf($this, 'hanneke', 'team=brass-bench')['lanes'];
    $due = fn(int $lane): array => array_column(array_slice($lanes[$lane]['cells'], 2, 2), 'due');
    expect($due(0))
        ->toBe([1, 1])
        ->and($due(1))
        ->toBe([0, 1]);
    $month = fn(string $who): array => array_column(
        array_slice(cellsOf($this, 'hanneke', "person={$who}&date=2026-03-15"), 9, 2),
        'due',
    );
    expect([$month('ayumi'), $month('femi')])->toBe([[1, 1], [0, 1]]);
});

it('shows of others what somebody sees, and how full they are to leads', function (): void {
    dueTask('Horn', 'tobias', '2026-03-12 12:00:00');
    dueTask('Tuba', 'femi', '2026-03-12 13:00:00');
    $seen = cellsOf($this, 'femi', 'all=1&date=2026-03-15')['2026-03-12'];
    expect($seen['due'])
        ->toBe(1)
        ->and($seen['capacity'])
        ->toBeNull()
        ->and(cellsOf($this, 'femi', 'date=2026-03-15')['2026-03-12']['capacity'])
        ->toBe(384);
    $day = calendarOf($this, 'femi', 'person=ayumi&by=day&date=2026-03-12');
    expect($day['hours']['rows'][0]['hours']['blocks'])
        ->toBe([])
        ->and($day['feed'])
        ->toBeNull();
    $this->actingAs(House::user('femi'))->get('/calendar?person=nobody')->assertNotFound();
    $this->actingAs(House::user('femi'))->get('/calendar?date=2036-01-01')->assertInvalid('date');
});

it('opens a day with all that is on it', function (): void {
    dueTask('Horn', 'femi', '2026-03-12 12:00:00');
    $shown = calendarOf($this, 'hanneke', 'all=1&by=month&date=2026-03-15&show=2026-03-12')['shown'];
    expect(array_column($shown['due'], 'title'))
        ->toBe(['Horn'])
        ->and($shown['due'][0]['holder']['slug'])
        ->toBe('femi')
        ->and($shown['done'])
        ->toBe([])
        ->and($shown['off'])
        ->toBeFalse();
});

it('asks no more of the database for more tasks', function (string $query): void {
    $count = function () use ($query): int {
        DB::enableQueryLog();
        calendarOf($this, 'hanneke', $query);
        $queries = count(DB::getQueryLog());
        DB::disableQueryLog();
        DB::flushQueryLog();

        return $queries;
    };
    dueTask('Horn', 'femi', '2026-03-04 12:00:00');
    $count();
    $few = $count();
    for ($more = 0; $more < 12; ++$more) {
        dueTask("Horn {$more}", ['femi', 'ayumi', 'callum'][$more % 3], '2026-03-05 12:00:00');
    }
    expect($count())->toBe($few);
})->with(['all=1&by=month&date=2026-03-15', 'all=1&by=week', 'all=1&by=day', 'person=femi&by=week&show=2026-03-04']);
