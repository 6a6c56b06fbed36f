<?php

declare(strict_types=1);

use App\Foresight\WorkOutForesight;
use App\Models\Foresight\Forecast;
use App\Models\House\House as HouseRow;
use App\Models\People\Skill;
use App\Models\Tasks\Task;
use Database\Factories\Absences\AbsenceFactory;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use OpenBaton\Core\Workload\TaskStatus;
use Tests\Support\Clock;
use Tests\Support\House;

/** Of Monday, 2 March 2026: in the weeks before, two repairs came in each Monday, due on Wednesday. */
function mondaysBefore(int $weeks): void
{
    $task = House::arrive();
    $row = array_diff_key($task->getAttributes(), ['idempotency_key' => 0]);
    $number = 50_000;
    for ($week = 1; $week <= $weeks; ++$week) {
        $monday = now()->startOfWeek()->subWeeks($week);
        for ($count = 0; $count < 2; ++$count) {
            DB::table('tasks')->insert(
                [
                    'id' => sprintf('01J00000000000000000%06d', ++$number),
                    'number' => $number,
                    'status' => TaskStatus::Done->value,
                    'arrived_at' => $monday->copy()->setTime(10, 0),
                    'due_at' => $monday->copy()->addDays(2)->setTime(17, 0),
                    'estimate_minutes' => 90,
                    'assignee_id' => House::person('femi')->id,
                ] + $row,
            );
        }
    }
    Task::query()
        ->whereKey($task->id)
        ->update(['status' => TaskStatus::Done, 'arrived_at' => '2025-01-01 10:00:00']);
}

/** @return array<string, array<string, mixed>> days by date, of what it is about */
function foreseen(string $about): array
{
    app()->call((new WorkOutForesight())->handle(...));

    return array_column(Forecast::query()->findOrFail($about)->days, null, 'date');
}

beforeEach(function (): void {
    Clock::set('2026-03-02T08:00:00Z');
    House::open();
    House::publish(House::roundRule());
});

it('foresees what usually comes in, on the day on which it is usually due', function (): void {
    mondaysBefore(8);
    $days = foreseen('team:brass-bench');
    // What comes in today is due on Wednesday; of Wednesdays three hours, of all other days nothing.
    expect($days['2026-03-04'])->toBe([
        'date' => '2026-03-04',
        'capacity' => 3 * 384,
        'asked' => 0,
        'known' => 0,
        'inflow' => 180,
        'backlog' => 0,
        'may' => 0,
    ]);
    expect(array_filter(array_column($days, 'inflow', 'date')))->toBe([
        '2026-03-04' => 180,
        '2026-03-11' => 180,
        '2026-03-18' => 180,
        '2026-03-25' => 180,
    ]);
    expect($days)->toHaveCount(20);
    // Hanneke and Tobias are of the house as well.
    expect(foreseen('house')['2026-03-04'])->toMatchArray(['capacity' => 5 * 384, 'inflow' => 180]);
});

it('says nothing of what it knows too little of, and leaves holidays out', function (): void {
    mondaysBefore(8);
    HouseRow::query()->update(['holidays' => ['2026-01-05', '2026-01-12', '2026-03-05']]);
    DB::table('houses')->increment('roster_revision');
    $days = foreseen('team:brass-bench');
    expect($days)->not->toHaveKey('2026-03-05');
    // Of eight Mondays two were closed: what came in then is that of Tuesday, due on Thursday.
    expect($days['2026-03-11']['inflow'])->toBe(180);
    HouseRow::query()->update([
        'holidays' => array_map(
            static fn(int $week): string => now()->startOfWeek()->addDays(2)->subWeeks($week)->toDateString(),
            range(1, 6),
        ),
    ]);
    DB::table('houses')->increment('roster_revision');
    expect(foreseen('team:brass-bench')['2026-03-11']['inflow'])->toBeNull();
});

it('counts overdue and undated work on the first day, and carries on what is left', function (): void {
    foreach (
        [
            ['2026-02-20 17:00:00', 1000],
            [null, 200],
            ['2026-03-03 17:00:00', 1200],
            // Due on a Saturday: to be done by Friday.
            ['2026-03-07 12:00:00', 60],
            ['2026-06-01 17:00:00', 9000],
        ]
        as [$due, $minutes]
    ) {
        $task = House::arrive();
        Task::query()
            ->whereKey($task->id)
            ->update(['due_at' => $due, 'estimate_minutes' => $minutes, 'assignee_id' => House::person('femi')->id]);
    }
    $days = foreseen('team:brass-bench');
    expect(array_column($days, 'known', 'date'))->toMatchArray([
        '2026-03-02' => 1200,
        '2026-03-03' => 1200,
        '2026-03-04' => 0,
        '2026-03-06' => 60,
    ]);
    expect(array_slice(array_column($days, 'backlog'), 0, 3))->toBe([48, 96, 0]);
    $help = Forecast::query()->findOrFail('team:brass-bench')->help;
    expect($help)->toBe(['minutes' => 96, 'absences' => []]);
});

it('tells absences that are asked for from those that are approved, and says which would help', function (): void {
    AbsenceFactory::new()
        ->of('callum')
        ->create(['first_day' => '2026-03-03', 'last_day' => '2026-03-04']);
    AbsenceFactory::new()
        ->of('femi')
        ->asked()
        ->create(['first_day' => '2026-03-03', 'last_day' => '2026-03-03']);
    DB::table('houses')->increment('roster_revision');
    $task = House::arrive();
    Task::query()
        ->whereKey($task->id)
        ->update([
            'due_at' => '2026-03-03 17:00:00',
            'estimate_minutes' => 1200,
            'assignee_id' => House::person('ayumi')->id,
        ]);
    $days = foreseen('team:brass-bench');
    expect($days['2026-03-03'])->toMatchArray(['capacity' => 2 * 384, 'asked' => 384, 'backlog' => 1200 - 768]);
    expect(Forecast::query()->findOrFail('team:brass-bench')->help['absences'])->toBe([
        ['person' => 'callum', 'asked' => false, 'minutes' => 384],
        ['person' => 'femi', 'asked' => true, 'minutes' => 384],
    ]);
    $shown = $this->actingAs(House::user('hanneke'))
        ->get('/foresight?about=team:brass-bench')
        ->assertOk()
        ->viewData('page')['props'];
    expect($shown['shown']['help']['absences'][1])->toBe([
        'slug' => 'femi',
        'name' => 'Femi Adeyinka',
        'asked' => true,
        'minutes' => 384,
    ]);
    $group = array_column($shown['groups'], null, 'about')['team:brass-bench'];
    expect([$group['tips'], $group['worst']])->toBe(['2026-03-03', 432]);
});

it('foresees for a skill what rules ask it for', function (): void {
    House::publish(
        House::rule(
            'skilled',
            ['field' => 'task.kind', 'op' => 'is', 'value' => 'quote'],
            [
                'pool' => ['kind' => 'skill', 'skill' => 'brass'],
                'method' => ['kind' => 'in_order'],
                'limits' => [],
                'otherwise' => ['kind' => 'unplaced'],
            ],
        ),
    );
    House::arrive('quote');
    expect(foreseen('skill:brass')['2026-03-02'])->toMatchArray(['known' => 45, 'capacity' => 2 * 384]);
    expect(Skill::query()->pluck('slug')->all())->toBe(['brass']);
});

it(
    'is worked out when somebody looks and it is old, and each hour; in as many steps however much there is',
    function (): void {
        Queue::fake();
        $look = fn() => $this->actingAs(House::user('hanneke'))->get('/foresight')->assertOk();
        $look();
        Queue::assertPushed(WorkOutForesight::class, 1);
        $count = static function (): int {
            DB::enableQueryLog();
            DB::flushQueryLog();
            app()->call((new WorkOutForesight())->handle(...));

            return count(DB::getQueryLog());
        };
        House::arrive();
        $count();
        $few = $count();
        for ($more = 0; $more < 8; ++$more) {
            House::arrive();
        }
        expect($count())->toBe($few);
        Queue::fake();
        $look();
        Queue::assertNotPushed(WorkOutForesight::class);
        Clock::set('2026-03-02T08:11:00Z');
        $look();
        Queue::assertPushed(WorkOutForesight::class, 1);
        $this->actingAs(House::user('femi'))->get('/foresight')->assertForbidden();
    },
);
