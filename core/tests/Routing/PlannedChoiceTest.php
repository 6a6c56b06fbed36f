<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\AbsenceStatus;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Rulebook\Limit\FinishBeforeDue;
use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Limit\NoAbsenceBeforeFinish;
use OpenBaton\Core\Rulebook\Limit\OnNow;
use OpenBaton\Core\Rulebook\Method\EarliestFinish;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Tests\Support\Bench;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Workload\Work;

/** To the first in order of Ayumi and Femi within a limit. */
function withinLimit(Limit $limit, ?ChangeSet $event = null, ?Work $work = null, ?Roster $roster = null): Decision
{
    $rule = Build::rule('r', new NamedPeople(['ayumi', 'femi']), new InOrder(), limits: [$limit]);

    return Bench::decide([$rule], $event, $work, roster: $roster);
}

/** @return array<string, array{list<string>, array<string, mixed>}> who fell out at the last step, why, on what */
function fellOut(Decision $decision): array
{
    $steps = $decision->attempts[0]->steps;
    $found = [];
    foreach (end($steps)->excluded as $one) {
        $found[$one->personId] = [$one->reasons, $one->figures];
    }

    return $found;
}

it('gives to whose plan would finish it first, then to whoever waited longest, then in order', function (): void {
    $rule = [Build::rule('r', new NamedPeople(['ayumi', 'femi', 'tobias']), new EarliestFinish())];
    $items = [Build::item('t1', 'ayumi', 300), Build::item('t2', 'femi', 60), Build::item('t3', 'tobias', 60)];
    $decision = Bench::decide($rule, work: Work::of($items, ['femi' => 200, 'tobias' => 100]));
    expect($decision->assigneeId)->toBe('tobias');
    expect($decision->attempts[0]->choice?->figures)->toBe([
        'ayumi' => ['finish_at' => Build::at('2026-03-02 16:00'), 'last_assigned' => null],
        'femi' => ['finish_at' => Build::at('2026-03-02 12:00'), 'last_assigned' => 200],
        'tobias' => ['finish_at' => Build::at('2026-03-02 12:00'), 'last_assigned' => 100],
    ]);
    expect(Bench::decide($rule)->assigneeId)->toBe('ayumi');

    // What is due is done before what is not: all three would be done with it at eleven.
    $due = Build::event(due: '2026-03-03 12:00');
    expect(Bench::decide($rule, $due, Work::of($items, ['femi' => 200, 'tobias' => 100]))->assigneeId)->toBe('ayumi');
});

it('plans it for when it can be begun, and over nights and absences', function (): void {
    $rule = [Build::rule('r', new NamedPeople(['ayumi', 'femi']), new EarliestFinish())];
    $roster = Bench::house()->with(Build::absence('ayumi', '2026-03-02 12:00', '2026-03-03 10:00'));
    $figures = static fn(ChangeSet $event): array => array_column(
        Bench::decide($rule, $event, roster: $roster)->attempts[0]->choice->figures ?? [],
        'finish_at',
        null,
    );
    // Two hours on Monday, the rest on Tuesday from ten on.
    expect($figures(Build::event(minutes: 180)))->toBe([Build::at('2026-03-03 11:00'), Build::at('2026-03-02 13:00')]);
    expect($figures(Build::event(minutes: 60, start: '2026-03-02 16:30')))->toBe([
        Build::at('2026-03-03 11:00'),
        Build::at('2026-03-03 09:30'),
    ]);
});

it('gives to whoever never gets done with it after all others', function (): void {
    $roster = new Roster(Build::calendar(), [
        Build::person('ayumi', hours: Build::calendar(weekdays: [])),
        Build::person('femi'),
    ]);
    $rule = [Build::rule('r', new NamedPeople(['ayumi', 'femi']), new EarliestFinish())];
    $decision = Bench::decide($rule, roster: $roster);
    expect($decision->assigneeId)->toBe('femi');
    expect($decision->attempts[0]->choice?->figures['ayumi']['finish_at'])->toBeNull();
    expect(fellOut(withinLimit(new FinishBeforeDue(), Build::event(due: '2026-03-04 12:00'), roster: $roster)))->toBe([
        'ayumi' => [['finish_before_due'], ['finish_at' => null, 'due_at' => Build::at('2026-03-04 12:00')]],
    ]);
});

it('leaves out who would not be done with it by its due date', function (): void {
    $event = Build::event(due: '2026-03-02 13:00');
    $work = static fn(int $minutes): Work => Work::of([Build::item('t', 'ayumi', $minutes, '2026-03-02 12:30')]);
    expect(withinLimit(new FinishBeforeDue(), $event, $work(120))->assigneeId)->toBe('ayumi');
    $decision = withinLimit(new FinishBeforeDue(), $event, $work(121));
    expect($decision->assigneeId)->toBe('femi');
    expect(fellOut($decision))->toBe([
        'ayumi' => [
            ['finish_before_due'],
            ['finish_at' => Build::at('2026-03-02 13:01'), 'due_at' => Build::at('2026-03-02 13:00')],
        ],
    ]);
    // Nothing is too late for what is not due.
    expect(withinLimit(new FinishBeforeDue(), Build::event(), $work(9000))->assigneeId)->toBe('ayumi');
});

it('keeps away from whoever is away before it is done', function (): void {
    $roster = Bench::house()->with(Build::absence('ayumi', '2026-03-02 16:00', '2026-03-03'));
    $work = static fn(int $minutes): Work => Work::of([Build::item('t', 'ayumi', $minutes)]);
    expect(withinLimit(new NoAbsenceBeforeFinish(), null, $work(300), $roster)->assigneeId)->toBe('ayumi');
    $decision = withinLimit(new NoAbsenceBeforeFinish(), null, $work(301), $roster);
    expect($decision->assigneeId)->toBe('femi');
    expect(fellOut($decision))->toBe([
        'ayumi' => [
            ['no_absence_before_finish'],
            ['away_at' => Build::at('2026-03-02 16:00'), 'finish_at' => Build::at('2026-03-03 09:01')],
        ],
    ]);
    $asked = Bench::house()->with(
        Build::absence('ayumi', '2026-03-02 16:00', '2026-03-03', [], AbsenceStatus::Asked),
        Build::absence('ayumi', '2026-02-23', '2026-02-24'),
    );
    expect(withinLimit(new NoAbsenceBeforeFinish(), null, $work(301), $asked)->assigneeId)->toBe('ayumi');
});

it('takes whoever is on at the moment', function (string $at, ?string $taken, array $out): void {
    $roster = new Roster(Build::calendar(), [
        Build::person('ayumi', hours: Build::calendar(hours: '12:00-17:00')),
        Build::person('femi'),
    ]);
    $decision = withinLimit(new OnNow(), Build::event(at: $at), roster: $roster);
    expect([$decision->assigneeId, array_keys(fellOut($decision))])->toBe([$taken, $out]);
})->with([
    'before her hours' => ['2026-03-02T11:59:00Z', 'femi', ['ayumi']],
    'as they begin' => ['2026-03-02T12:00:00Z', 'ayumi', []],
    'as both end' => ['2026-03-02T17:00:00Z', null, ['ayumi', 'femi']],
    'on a Sunday' => ['2026-03-01T12:00:00Z', null, ['ayumi', 'femi']],
]);

/** @return int|null when a person is done with the last of the items, minute by minute */
function doneByHand(Roster $roster, string $person, array $items, int $at): ?int
{
    usort($items, static fn($a, $b): int => [$a->dueAt ?? PHP_INT_MAX, $a->id] <=> [$b->dueAt ?? PHP_INT_MAX, $b->id]);
    $left = array_combine(array_column($items, 'id'), array_map(static fn($one): int => $one->effort->left(), $items));
    for ($minute = $at; $minute < $at + 20 * 86400; $minute += 60) {
        $working = array_filter(
            $roster->people[$person]->hours->spansOf($roster->house->zone()->dateAt($minute)),
            static fn($span): bool => $span->contains($minute),
        );
        if ($working === [] || $roster->absenceOf($person, $minute) !== null) {
            continue;
        }
        foreach ($items as $item) {
            if ($left[$item->id] > 0 && ($item->startAt ?? $at) <= $minute) {
                --$left[$item->id];
                if ($item->id === 'task-e1' && $left[$item->id] === 0) {
                    return $minute + 60;
                }
                break;
            }
        }
    }

    return null;
}

it('agrees with a plan made minute by minute, in random small worlds', function (): void {
    mt_srand(19);
    $names = ['ayumi', 'femi', 'tobias'];
    $at = Build::at('2026-03-02 10:00');
    $moment = static fn(): string => date('Y-m-d H:i', $at + 900 * mt_rand(0, 300));
    $late = $picked = 0;
    for ($world = 0; $world < 150; ++$world) {
        $absences = [];
        foreach ($names as $name) {
            if (mt_rand(0, 1) === 1) {
                $from = $at + 900 * mt_rand(4, 200);
                $absences[] = Build::absence($name, date('c', $from), date('c', $from + 900 * mt_rand(1, 120)));
            }
        }
        $roster = new Roster(Build::calendar(), array_map(Build::person(...), $names), [], [], $absences);
        $items = [];
        for ($count = mt_rand(0, 9); $count > 0; --$count) {
            $items[] = Build::item(
                "a{$count}",
                $names[mt_rand(0, 2)],
                mt_rand(1, 40) * 15,
                mt_rand(0, 3) > 0 ? $moment() : null,
                mt_rand(0, 3) === 0 ? $moment() : null,
            );
        }
        $due = $moment();
        $event = Build::event(minutes: mt_rand(1, 30) * 15, due: $due);
        $rule = Build::rule('r', new NamedPeople($names), new EarliestFinish(), limits: [new FinishBeforeDue()]);
        $decision = Bench::decide([$rule], $event, Work::of($items), roster: $roster);

        $done = [];
        foreach ($names as $name) {
            $own = array_filter($items, static fn($item): bool => $item->holderId === $name);
            $done[$name] = doneByHand($roster, $name, [...array_values($own), $event->after->asWork()], $at);
        }
        $inTime = array_filter($done, static fn(?int $finish): bool => $finish !== null && $finish <= Build::at($due));
        asort($inTime);
        expect($decision->assigneeId)->toBe($inTime === [] ? null : (string) array_key_first($inTime));
        foreach ($decision->attempts[0]->choice->figures ?? [] as $name => $figures) {
            expect($figures['finish_at'])->toBe($done[$name]);
        }
        $late += count($done) - count($inTime);
        $picked += $inTime === [] ? 0 : 1;
    }
    expect($late)->toBeGreaterThan(60);
    expect($picked)->toBeGreaterThan(50);
});
