<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Duty\AfterLast;
use OpenBaton\Core\Flow\Duty\ByCalendar;
use OpenBaton\Core\Flow\Duty\DutyDates;
use OpenBaton\Core\Flow\Duty\DutyFields;
use OpenBaton\Core\Flow\Duty\OffDay;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Duties;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\Recurrence;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\WorkCalendar;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Sabre\VObject\Recur\RRuleIterator;

/** Of a house that works from Monday to Friday, but for Christmas and the Monday after. */
function yuletide(): WorkCalendar
{
    return Build::calendar('UTC', '09:00-17:00', [1, 2, 3, 4, 5], '2026-12-25', '2026-12-28');
}

it('moves a Friday that is a holiday to the Thursday, or to the next working day, or leaves it out', function (
    OffDay $offDay,
    array $dates,
): void {
    $duty = Duties::of(Duties::every('FREQ=WEEKLY;INTERVAL=2;BYDAY=FR', '2026-12-11'), ['offDay' => $offDay]);
    expect(Duties::dates($duty, yuletide(), '2026-12-01', 3))->toBe($dates);
})->with([
    'before' => [OffDay::Before, ['2026-12-11', '2026-12-25>2026-12-24', '2027-01-08']],
    'after' => [OffDay::After, ['2026-12-11', '2026-12-25>2026-12-29', '2027-01-08']],
    'none' => [OffDay::None, ['2026-12-11', '2027-01-08', '2027-01-22']],
]);

it('makes one of several that fall on one working day, the first', function (OffDay $offDay, array $dates): void {
    $duty = Duties::of(Duties::every('FREQ=DAILY', '2026-12-23'), ['offDay' => $offDay]);
    expect(Duties::dates($duty, yuletide(), '2026-12-22', 4))->toBe($dates);
    // The same, whatever has been dealt with before.
    expect(Duties::dates($duty, yuletide(), '2026-12-26', 2))->toBe(
        $offDay === OffDay::Before ? ['2026-12-29', '2026-12-30'] : ['2026-12-30', '2026-12-31'],
    );
})->with([
    'before' => [OffDay::Before, ['2026-12-23', '2026-12-24', '2026-12-29', '2026-12-30']],
    'after' => [OffDay::After, ['2026-12-23', '2026-12-24', '2026-12-25>2026-12-29', '2026-12-30']],
]);

it('knows month ends, leap days and nth weekdays', function (string $rule, string $from, array $dates): void {
    $always = Build::calendar('UTC', '09:00-17:00', [1, 2, 3, 4, 5, 6, 7]);
    expect(Duties::dates(Duties::of(Duties::every($rule, $from)), $always, '2020-01-01', 4))->toBe($dates);
})->with([
    'the last of a month' => [
        'FREQ=MONTHLY;BYMONTHDAY=-1',
        '2027-12-15',
        ['2027-12-31', '2028-01-31', '2028-02-29', '2028-03-31'],
    ],
    'the 28th of February' => [
        'FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=-1',
        '2027-01-01',
        ['2027-02-28', '2028-02-29', '2029-02-28', '2030-02-28'],
    ],
    'the second Tuesday' => [
        'FREQ=MONTHLY;BYDAY=2TU',
        '2026-12-01',
        ['2026-12-08', '2027-01-12', '2027-02-09', '2027-03-09'],
    ],
    'the last Friday of each quarter' => [
        'FREQ=MONTHLY;INTERVAL=3;BYDAY=-1FR',
        '2026-12-01',
        ['2026-12-25', '2027-03-26', '2027-06-25', '2027-09-24'],
    ],
    'the last working day' => [
        'FREQ=MONTHLY;BYDAY=MO,TU,WE,TH,FR;BYSETPOS=-1',
        '2026-12-01',
        ['2026-12-31', '2027-01-29', '2027-02-26', '2027-03-31'],
    ],
]);

it('ends after its last date, or so many of them, counted before they are moved or paused', function (): void {
    $weekly = Duties::every('FREQ=WEEKLY;BYDAY=FR', '2026-12-18');
    $dates = static fn(array $more): array => Duties::dates(Duties::of($weekly, $more), yuletide(), '2026-12-01');
    expect($dates(['until' => LocalDate::parse('2027-01-01')]))->toBe([
        '2026-12-18',
        '2026-12-25>2026-12-24',
        '2027-01-01',
    ]);
    expect($dates(['count' => 3, 'offDay' => OffDay::None]))->toBe(['2026-12-18', '2027-01-01']);
    expect(
        $dates([
            'count' => 4,
            'pauseFrom' => LocalDate::parse('2026-12-24'),
            'pauseTo' => LocalDate::parse('2026-12-26'),
        ]),
    )->toBe(['2026-12-18', '2027-01-01', '2027-01-08']);
    expect($dates(['pauseFrom' => LocalDate::parse('2026-12-24'), 'until' => LocalDate::parse('2027-06-01')]))->toBe([
        '2026-12-18',
    ]);
});

it('comes so long before its date, and is due so long after', function (): void {
    $duty = Duties::of(Duties::every('FREQ=MONTHLY;BYMONTHDAY=-1', '2026-12-01'), [
        'appears' => Offset::parse('-2 working_days'),
        'due' => Offset::parse('+1 working_days'),
    ]);
    $next = (new DutyDates(yuletide()))->next($duty, Duties::ledger('2026-12-01'), 2);
    // Thursday 31 December, Sunday 31 January, which is Friday the 29th.
    expect(array_map(Duties::said(...), $next))->toBe(['2026-12-31', '2027-01-31>2027-01-29']);
    expect($next[0]->appearsAt)->toBe(Build::at('2026-12-29 09:00'));
    expect($next[0]->dueAt)->toBe(Build::at('2027-01-01 17:00'));
    expect($next[1]->appearsAt)->toBe(Build::at('2027-01-27 09:00'));
    expect($next[1]->dueAt)->toBe(Build::at('2027-02-01 17:00'));
});

it('comes at the beginning of work on both days on which the clocks change', function (
    string $from,
    string $appears,
    string $due,
): void {
    $dublin = Build::calendar('Europe/Dublin', '09:00-17:00', [1, 2, 3, 4, 5, 6, 7]);
    $next = (new DutyDates($dublin))->next(
        Duties::of(Duties::every('FREQ=DAILY', $from)),
        Duties::ledger('2026-01-01'),
        1,
    );
    expect([$next[0]->appearsAt, $next[0]->dueAt])->toBe([Build::at($appears), Build::at($due)]);
})->with([
    'in spring' => ['2027-03-28', '2027-03-28 08:00', '2027-03-28 16:00'],
    'in autumn' => ['2026-10-25', '2026-10-25 09:00', '2026-10-25 17:00'],
]);

it('comes back so long after the last was done or dropped', function (string $distance, string $next): void {
    $duty = Duties::of(new AfterLast(Offset::parse($distance), LocalDate::parse('2026-12-02')));
    $dates = new DutyDates(yuletide());
    $said = static fn(array $more): array => array_map(
        Duties::said(...),
        $dates->next($duty, Duties::ledger('2026-12-01', $more), 12),
    );
    expect($said([]))->toBe(['2026-12-02']);
    expect($said(['made' => 1, 'open' => ['t1']]))->toBe([]);
    expect($said(['made' => 1, 'endedAt' => Build::at('2026-12-23 15:00')]))->toBe([$next]);
})->with([
    // Thursday 24, Tuesday 29, Wednesday 30.
    ['+3 working_days', '2026-12-30'],
    ['+3 days', '2026-12-26>2026-12-24'],
    ['+2 weeks', '2027-01-06'],
    ['+1 months', '2027-01-23>2027-01-22'],
]);

it('does not stop where the last was done long before its date, or the first date has passed', function (): void {
    $duty = Duties::of(new AfterLast(Offset::parse('+1 days'), LocalDate::parse('2026-12-02')));
    $next = static fn(string $through, array $more): array => array_map(
        Duties::said(...),
        (new DutyDates(yuletide()))->next($duty, Duties::ledger($through, $more), 2),
    );
    // That of Thursday was done on Monday already.
    expect($next('2026-12-10', ['made' => 1, 'endedAt' => Build::at('2026-12-07 10:00')]))->toBe(['2026-12-11']);
    expect($next('2026-12-14', []))->toBe(['2026-12-15']);
});

it('says what the period is called', function (string $rule, string $period): void {
    $duty = Duties::of(Duties::every($rule, '2027-01-01'));
    // A Friday of the last week of the year before.
    $next = (new DutyDates(Build::calendar()))->next($duty, Duties::ledger('2026-12-31'), 1)[0];
    expect(DutyFields::values($duty, $next))->toBe(['duty.date' => '2027-01-01', 'duty.period' => $period]);
})->with([
    ['FREQ=DAILY', '2027-01-01'],
    ['FREQ=WEEKLY;BYDAY=FR', '2026-W53'],
    ['FREQ=MONTHLY;BYMONTHDAY=1', '2027-01'],
    ['FREQ=YEARLY;BYMONTH=1;BYMONTHDAY=1', '2027'],
]);

it('refuses what says nothing', function (Closure $make): void {
    expect($make)->toThrow(Refusal::class);
})->with([
    'after its date' => [
        fn() => Duties::of(Duties::every('FREQ=DAILY', '2027-01-01'), [
            'appears' => Offset::parse('+1 days'),
        ]),
    ],
    'by the hour' => [
        fn() => Duties::of(Duties::every('FREQ=DAILY', '2027-01-01'), [
            'due' => Offset::parse('+3 hours'),
        ]),
    ],
    'a pause that ends before' => [
        fn() => Duties::of(Duties::every('FREQ=DAILY', '2027-01-01'), [
            'pauseFrom' => LocalDate::parse('2027-02-01'),
            'pauseTo' => LocalDate::parse('2027-01-31'),
        ]),
    ],
    'an end before the beginning' => [
        fn() => Duties::of(Duties::every('FREQ=DAILY', '2027-01-01'), [
            'until' => LocalDate::parse('2026-12-31'),
        ]),
    ],
    'never' => [fn() => Duties::of(Duties::every('FREQ=DAILY', '2027-01-01'), ['count' => 0])],
    'at once' => [fn() => new AfterLast(Offset::parse('+0 days'), LocalDate::parse('2027-01-01'))],
    'in hours' => [fn() => new AfterLast(Offset::parse('+5 hours'), LocalDate::parse('2027-01-01'))],
]);

it('comes as the library has it, moved by itself', function (): void {
    $random = new Randomizer(new Mt19937(2301));
    $house = yuletide();
    for ($try = 0; $try < 60; ++$try) {
        $rule = [
            'FREQ=DAILY;INTERVAL=' . $random->getInt(1, 9),
            'FREQ=WEEKLY;INTERVAL=' . $random->getInt(1, 4) . ';BYDAY=' . ['MO', 'FR', 'SA,SU'][$random->getInt(0, 2)],
            'FREQ=MONTHLY;BYMONTHDAY=' . $random->getInt(1, 28),
        ][$random->getInt(0, 2)];
        $from = LocalDate::parse('2026-11-01')->plus($random->getInt(0, 90));
        $count = $random->getInt(1, 40);
        $offDay = OffDay::cases()[$random->getInt(0, 2)];
        $named = new Recurrence($rule, $from, TimeOfDay::parse('00:00'));
        $expected = $days = [];
        foreach (new RRuleIterator("{$rule};COUNT=200", new DateTimeImmutable($from->format())) as $moment) {
            $date = LocalDate::parse($moment->format('Y-m-d'));
            // The library gives the first day whether the rule names it or not.
            if ($date->day !== $from->day || iterator_to_array(firstOf($named))[0]->day === $from->day) {
                $days[] = $date;
            }
        }
        foreach (array_slice($days, 0, $count) as $date) {
            $to = $date;
            while ($offDay !== OffDay::None && $house->spansOf($to) === []) {
                $to = $to->plus($offDay === OffDay::Before ? -1 : 1);
            }
            if ($house->spansOf($to) !== []) {
                $expected[$to->day] ??= $date->format() . ($to->day === $date->day ? '' : ">{$to->format()}");
            }
        }
        $duty = Duties::of(new ByCalendar($named), ['count' => $count, 'offDay' => $offDay]);
        expect(Duties::dates($duty, $house, '2026-10-31', 40))->toBe(array_values($expected), "{$rule} {$count}");
    }
});

/** @return Generator<int, LocalDate> */
function firstOf(Recurrence $recurrence): Generator
{
    foreach ($recurrence->dates() as $date) {
        yield $date;

        return;
    }
}
