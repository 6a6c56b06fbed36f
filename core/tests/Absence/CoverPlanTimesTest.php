<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\Absence\CoverPlanner;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Absence\Substitute;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\CoverStory;
use OpenBaton\Core\Time\Span;

require_once __DIR__ . '/CoverPlanFunctions.php';

it('says how loaded substitutes are before and after, and on which days they are over', function (): void {
    // Femi has 7 hours due on Wednesday 11 March; Callum passes 25 hours due that day, of which 24 hours fit into three
    // days.
    $own = CoverStory::task('own', '2026-03-11 17:00', 420, 'femi');
    $plan = CoverStory::plan(CoverStory::absence(), [CoverStory::task('t', '2026-03-11 17:00', 1500)], others: [$own]);
    $load = $plan->loads[0];
    $on = static fn(array $days): array => array_map(static fn($day): string => $day->format(), $days);
    // Friday 6 March to Saturday 14 March: six working days of 480 minutes; own work is done on Friday already.
    expect([
        $load->personId,
        $load->before->capacity,
        $load->before->ratio()->pressing,
        $load->after->ratio()->pressing,
    ])->toBe(['femi', 2880, 420, 1920]);
    expect($on($load->overOn()))->toBe(['2026-03-11']);

    // 1440 minutes from Monday to Wednesday, the last 60 on Thursday by 10:00.
    expect(warnings($plan->lines[0]))->toBe([['late', ['minutes' => 17 * 60]]]);
});

it('passes nothing for a time in which they would not have worked a minute', function (
    string $from,
    string $to,
    HeldPolicy $policy,
    string $expected,
): void {
    // Callum works on weekdays from 9 to 17; the task falls due on the Tuesday after.
    $absence = new Absence(
        'ill',
        'callum',
        new Span(Build::at($from), Build::at($to)),
        AbsenceStatus::Approved,
        Substitute::forAll('femi'),
        $policy,
    );
    $plan = CoverStory::plan($absence, [CoverStory::task('t', '2026-03-10 12:00')], CoverStory::FRIDAY_BEFORE);
    expect(CoverStory::lines($plan))->toBe([$expected]);
})->with([
    'a weekend' => ['2026-03-07 00:00', '2026-03-09 00:00', HeldPolicy::FallsDue, 't nothing_missed'],
    'a weekend, all of it' => ['2026-03-07 00:00', '2026-03-09 00:00', HeldPolicy::All, 't nothing_missed'],
    'a night' => ['2026-03-09 17:00', '2026-03-10 09:00', HeldPolicy::All, 't nothing_missed'],
    'a minute of Monday' => ['2026-03-07 00:00', '2026-03-09 09:01', HeldPolicy::All, 't all femi'],
]);

it('has the substitute begin with what passes when the absence does, or later where the task begins later', function (
    ?string $starts,
    string $finish,
): void {
    $task = CoverStory::task('t', '2026-03-20 12:00', 480)->with([
        'startAt' => $starts === null ? null : Build::at($starts),
    ]);
    $load = CoverStory::plan(CoverStory::absence(held: HeldPolicy::All), [$task])->loads[0];
    expect([$load->personId, gmdate('Y-m-d H:i', $load->after->finishes['t'] ?? 0)])->toBe(['femi', $finish]);
})->with([
    'at once' => [null, '2026-03-09 17:00'],
    'for a week' => ['2026-03-02 09:00', '2026-03-09 17:00'],
    'from Wednesday on' => ['2026-03-11 09:00', '2026-03-11 17:00'],
]);

it('warns of what passes and is late, by how much where it is ever done, and of nothing that stays', function (): void {
    $tasks = [
        CoverStory::task('kept', '2026-03-09 10:00'),
        CoverStory::task('soon', '2026-03-09 11:00', 120),
        CoverStory::task('later', '2026-03-09 12:00', 61),
        CoverStory::task('never', '2026-03-10 12:00', 9_000_000),
        CoverStory::task('undated', null),
    ];
    $plan = CoverStory::plan(
        CoverStory::absence(held: HeldPolicy::All),
        $tasks,
        '2026-03-09 09:00',
        [],
        [],
        ['kept' => null],
    );
    expect(array_map(warnings(...), $plan->lines))->toBe([
        [],
        [],
        [['late', ['minutes' => 1]]],
        [['late', ['minutes' => null]]],
        [],
    ]);
});

it('looks sixty working days ahead at most', function (string $to, int $days): void {
    $absence = CoverStory::absence(to: $to, held: HeldPolicy::All);
    // From Friday on: six working days to the end of the next week, 480 minutes each.
    expect(CoverStory::plan($absence, [CoverStory::task('t', null)])->loads[0]->after->capacity)->toBe($days * 480);
})->with([['2026-03-14 00:00', 6], ['2026-05-28 17:00', 60], ['2026-12-01 00:00', 60]]);

it('passes all of somebody who never works again', function (): void {
    $house = CoverStory::roster($absence = CoverStory::absence(held: HeldPolicy::All));
    $people = array_replace($house->people, [
        'callum' => Build::person('callum', hours: Build::calendar(weekdays: [])),
    ]);
    $roster = new Roster($house->house, array_values($people), array_values($house->teams), $house->skills, [$absence]);
    $tasks = [CoverStory::task('t', '2026-03-10 12:00')];
    $plan = (new CoverPlanner($roster, new ChangeFacts($roster, $roster->lookups)))->plan(
        $absence,
        $tasks,
        CoverStory::work($tasks),
        Build::at(CoverStory::FRIDAY_BEFORE),
        [],
        [],
    );
    expect(CoverStory::lines($plan))->toBe(['t all femi']);
});
