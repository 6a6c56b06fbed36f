<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Duty\AfterLast;
use OpenBaton\Core\Flow\Duty\CatchUp;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\DutyAct;
use OpenBaton\Core\Flow\Duty\DutyTick;
use OpenBaton\Core\Flow\Duty\StillOpen;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Tests\Support\Duties;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Offset;

/** @return list<string> "made" or why it is missed, with its date, and what is dropped before */
function actsOf(Duty $duty, string $now, string $through, array $ledger = []): array
{
    return array_map(
        static fn(DutyAct $act): string => trim(
            ($act->missed->value ?? 'made') . " {$act->date->key->format()} " . implode(',', $act->drops),
        ),
        (new DutyTick(Build::calendar()))->acts($duty, Duties::ledger($through, $ledger), Build::at($now)),
    );
}

/** @param array<string, mixed> $more */
function dailyDuty(array $more = []): Duty
{
    return Duties::of(Duties::every('FREQ=DAILY;BYDAY=MO,TU,WE,TH,FR', '2026-12-01'), $more);
}

it('makes a task when work begins on the day, and not before', function (): void {
    expect(actsOf(dailyDuty(), '2026-12-02 08:59', '2026-12-01'))->toBe([]);
    expect(actsOf(dailyDuty(), '2026-12-02 09:00', '2026-12-01'))->toBe(['made 2026-12-02']);
    expect(actsOf(dailyDuty(), '2026-12-02 23:00', '2026-12-02'))->toBe([]);
});

it('makes nothing again when the clock is set back', function (): void {
    expect(actsOf(dailyDuty(), '2026-12-01 12:00', '2026-12-03'))->toBe([]);
});

it('makes up for a week without a look at the clock: each, or only the newest', function (): void {
    expect(actsOf(dailyDuty(), '2026-12-04 10:00', '2026-12-01'))->toBe([
        'made 2026-12-02',
        'made 2026-12-03',
        'made 2026-12-04',
    ]);
    expect(actsOf(dailyDuty(['catchUp' => CatchUp::Newest]), '2026-12-04 10:00', '2026-12-01'))->toBe([
        'late 2026-12-02',
        'late 2026-12-03',
        'made 2026-12-04',
    ]);
});

it('deals with so many at a time', function (): void {
    $acts = actsOf(dailyDuty(), '2027-12-01 10:00', '2026-12-01');
    expect($acts)->toHaveCount(Duty::MOST_AT_ONCE);
    expect($acts[0])->toBe('made 2026-12-02');
});

it('adds another beside what is open', function (): void {
    expect(actsOf(dailyDuty(), '2026-12-02 10:00', '2026-12-01', ['open' => ['t1']]))->toBe(['made 2026-12-02']);
});

it('waits until what is open is done; then only the newest comes', function (): void {
    $waits = dailyDuty(['stillOpen' => StillOpen::Wait]);
    expect(actsOf($waits, '2026-12-04 10:00', '2026-12-01', ['open' => ['t1']]))->toBe([]);
    // Done on Thursday at noon: those of Wednesday and Thursday had waited, that of Friday has not.
    $done = ['made' => 1, 'endedAt' => Build::at('2026-12-03 12:00')];
    expect(actsOf($waits, '2026-12-03 12:01', '2026-12-01', $done))->toBe(['waited 2026-12-02', 'made 2026-12-03']);
    expect(actsOf($waits, '2026-12-04 10:00', '2026-12-01', $done))->toBe(['waited 2026-12-02', 'made 2026-12-03']);
    expect(actsOf($waits, '2026-12-04 10:00', '2026-12-03', ['open' => ['t2']] + $done))->toBe([]);
});

it('makes the first of those that did not wait, since the next would wait for that', function (): void {
    $waits = dailyDuty(['stillOpen' => StillOpen::Wait]);
    $done = ['made' => 1, 'endedAt' => Build::at('2026-12-01 12:00')];
    expect(actsOf($waits, '2026-12-04 10:00', '2026-12-01', $done))->toBe(['made 2026-12-02']);
    $newest = dailyDuty(['stillOpen' => StillOpen::Wait, 'catchUp' => CatchUp::Newest]);
    expect(actsOf($newest, '2026-12-04 10:00', '2026-12-01', ['endedAt' => Build::at('2026-12-02 12:00')]))->toBe([
        'waited 2026-12-02',
        'late 2026-12-03',
        'made 2026-12-04',
    ]);
});

it('drops what is open, as missed, when the next comes', function (): void {
    $drops = dailyDuty(['stillOpen' => StillOpen::Drop]);
    expect(actsOf($drops, '2026-12-02 10:00', '2026-12-01', ['open' => ['t1', 't2']]))->toBe(['made 2026-12-02 t1,t2']);
    expect(actsOf($drops, '2026-12-03 10:00', '2026-12-01', ['open' => ['t1']]))->toBe([
        'late 2026-12-02',
        'made 2026-12-03 t1',
    ]);
});

it('says when it is to be looked at again', function (): void {
    $tick = new DutyTick(Build::calendar());
    expect($tick->next(dailyDuty(), Duties::ledger('2026-12-04'))?->appearsAt)->toBe(Build::at('2026-12-07 09:00'));
    $waits = dailyDuty(['stillOpen' => StillOpen::Wait]);
    expect($tick->next($waits, Duties::ledger('2026-12-04', ['open' => ['t1']])))->toBeNull();
    $after = Duties::of(new AfterLast(Offset::parse('+10 working_days'), LocalDate::parse('2026-12-01')));
    expect($tick->next($after, Duties::ledger('2026-11-30'))?->appearsAt)->toBe(Build::at('2026-12-01 09:00'));
    expect($tick->next($after, Duties::ledger('2026-12-01', ['made' => 1, 'open' => ['t1']])))->toBeNull();
    $last = dailyDuty(['count' => 2]);
    expect($tick->next($last, Duties::ledger('2026-12-02')))->toBeNull();
});

it('makes each date once, however often and whenever it is looked at', function (): void {
    $duty = dailyDuty();
    $through = '2026-11-30';
    $made = [];
    foreach (
        ['2026-12-01 09:00', '2026-12-01 09:01', '2026-12-03 11:00', '2026-12-02 08:00', '2026-12-08 09:00']
        as $now
    ) {
        foreach (actsOf($duty, $now, $through) as $act) {
            $made[] = $act;
            $through = substr($act, 5, 10);
        }
    }
    expect($made)->toBe([
        'made 2026-12-01',
        'made 2026-12-02',
        'made 2026-12-03',
        'made 2026-12-04',
        'made 2026-12-07',
        'made 2026-12-08',
    ]);
});
