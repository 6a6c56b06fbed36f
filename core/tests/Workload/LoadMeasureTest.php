<?php

declare(strict_types=1);

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\LoadMeasure;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Outlook;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

const POINTS = 'task.points';

/** @param list<string> $with */
function measuredItem(string $id, int|float|null $points, ?string $due = null, array $with = []): WorkItem
{
    return new WorkItem(
        $id,
        'oona',
        TaskStatus::New,
        Priority::Normal,
        new Effort(60),
        0,
        null,
        $due === null ? null : Build::at($due),
        null,
        $with,
        [POINTS => $points],
    );
}

/** From Monday at nine, in a house that is open from nine to five. */
function measuredPlan(LoadMeasure $measure, int $aDay, WorkItem ...$items): LoadPlan
{
    return LoadPlanner::plan(
        Build::calendar(),
        Build::calendar(),
        Capacity::amountADay($aDay, $measure),
        array_values($items),
        Build::at('2026-03-02 09:00'),
        toTheEnd: true,
    );
}

/** @param array<string, mixed> $person */
function measuredRoster(?array $load, array $person = []): Roster
{
    return RosterFormat::read(
        Node::root(
            json_decode(
                (string) json_encode([
                    'openbaton' => RosterFormat::VERSION,
                    'house' => ['zone' => 'UTC'] + ($load === null ? [] : ['load' => $load]),
                    'people' => [['id' => 'oona', 'name' => 'Oona Varga'] + $person],
                ]),
            ),
        ),
        new FieldCatalogue([
            new Field(POINTS, 'Points', FieldType::Number),
            new Field('task.note', 'Note', FieldType::Text),
        ]),
    );
}

it('measures by tasks: each counts as one, whatever it takes', function (): void {
    // Two a day: each takes four hours.
    $plan = measuredPlan(
        LoadMeasure::tasks(200),
        200,
        measuredItem('a', null, '2026-03-02 17:00'),
        measuredItem('b', null, '2026-03-02 17:00'),
        measuredItem('c', null, '2026-03-02 17:00'),
    );
    expect($plan->finishes)
        ->toBe([
            'a' => Build::at('2026-03-02 13:00'),
            'b' => Build::at('2026-03-02 17:00'),
            'c' => Build::at('2026-03-03 13:00'),
        ])
        ->and([$plan->days[0]->capacity, $plan->days[0]->planned, $plan->days[0]->late])
        ->toBe([200, 200, 100])
        ->and($plan->late)
        ->toBe(['c' => 100])
        ->and($plan->ratio()->percent())
        ->toBe(30);
});

it('measures by a number of the house, in hundredths, and otherwise where there is none', function (): void {
    $plan = measuredPlan(
        LoadMeasure::field(POINTS, 800, 100),
        800,
        measuredItem('a', 2.5, '2026-03-02 12:00'),
        measuredItem('b', null, '2026-03-02 13:00'),
        measuredItem('c', -3, '2026-03-02 14:00'),
    );
    expect($plan->finishes)
        ->toBe([
            'c' => Build::at('2026-03-02 09:00'),
            'a' => Build::at('2026-03-02 11:30'),
            'b' => Build::at('2026-03-02 12:30'),
        ])
        ->and($plan->days[0]->planned)
        ->toBe(350);
});

it('shares evenly what several hold together, in whole hundredths', function (): void {
    $both = measuredItem('a', 5, with: ['femi', 'callum']);
    expect($both->load(LoadMeasure::field(POINTS, 800, 100)))
        ->toBe(167)
        ->and($both->load(LoadMeasure::tasks(800)))
        ->toBe(34)
        ->and($both->load(LoadMeasure::minutes()))
        ->toBe(20);
});

it('has room from a task on, or from an hour on', function (): void {
    $measure = LoadMeasure::tasks(200);
    $outlook = static fn(WorkItem ...$items): Outlook => Outlook::of(
        measuredPlan($measure, 200, ...$items),
        array_values($items),
        Build::at('2026-03-02 09:00'),
        $measure,
    );
    $many = array_map(static fn(int $one): WorkItem => measuredItem("t{$one}", null), range(1, 9));
    expect([$outlook(...$many)->free(), $outlook(...$many)->hasRoom()])
        ->toBe([100, true])
        ->and($outlook(measuredItem('t0', null), ...$many)->hasRoom())
        ->toBeFalse()
        ->and(LoadMeasure::minutes()->room())
        ->toBe(60);
});

it('is read from a roster, with what each can do of it', function (?array $load, array $person, int $ofDay): void {
    $roster = measuredRoster($load, $person);
    expect($roster->people['oona']->capacity->ofDay(28_800))
        ->toBe($ofDay)
        ->and($roster->people['oona']->capacity->measure)
        ->toEqual($roster->measure);
})->with([
    'in minutes' => [null, [], 28_800 * 8_000],
    'in minutes, whatever amount is said' => [null, ['capacity' => ['amount_a_day' => 4]], 28_800 * 8_000],
    'in tasks' => [['a_day' => 8], ['capacity' => ['percent' => 50]], 800 * 600_000],
    'in tasks of their own' => [
        ['a_day' => 8],
        ['capacity' => ['percent' => 50, 'amount_a_day' => 4.5]],
        450 * 600_000,
    ],
    'in points' => [['field' => POINTS, 'a_day' => 13], [], 1_300 * 600_000],
]);

it('refuses what can not be measured by', function (array $load, array $person, string $pointer): void {
    try {
        measuredRoster($load, $person);
    } catch (DocumentError $error) {
        expect($error->faults[0]->pointer)->toBe($pointer);

        return;
    }
    throw new LogicException('It was taken.');
})->with([
    'no such field' => [['field' => 'task.gone', 'a_day' => 8], [], '/house/load/field'],
    'a text' => [['field' => 'task.note', 'a_day' => 8], [], '/house/load/field'],
    'nothing a day' => [['a_day' => 0], [], '/house/load/a_day'],
    'no number' => [['a_day' => 'eight'], [], '/house/load/a_day'],
    'nothing a day of somebody' => [
        ['a_day' => 8],
        ['capacity' => ['amount_a_day' => 0]],
        '/people/0/capacity/amount_a_day',
    ],
]);

it('has bounds', function (): void {
    expect(LoadMeasure::parts(1e9))
        ->toBe(LoadMeasure::MOST)
        ->and(LoadMeasure::parts(0.005))
        ->toBe(1)
        ->and(static fn() => LoadMeasure::field(POINTS, 100, LoadMeasure::MOST + 1))
        ->toThrow(Refusal::class)
        ->and(static fn() => LoadMeasure::tasks(LoadMeasure::MOST + 1))
        ->toThrow(Refusal::class);
});
