<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Time\WorkingHours;

/** What a look at the clock brings about for a duty. A pure function of what it is given. */
final readonly class DutyTick
{
    private DutyDates $dates;

    public function __construct(WorkingHours $house)
    {
        $this->dates = new DutyDates($house);
    }

    /**
     * @param int $now instant
     *
     * @return list<DutyAct> in the order of their dates, at most as many as are dealt with at a time
     */
    public function acts(Duty $duty, DutyLedger $ledger, int $now): array
    {
        $due = $this->come($duty, $ledger, $now);
        if ($due === []) {
            return [];
        }

        return match ($duty->stillOpen) {
            StillOpen::Wait => self::afterWaiting($duty, $ledger, $due),
            StillOpen::Drop => self::newest($due, $ledger, $ledger->open),
            StillOpen::Add => $duty->catchUp === CatchUp::Newest
                ? self::newest($due, $ledger)
                : array_map(static fn(DutyDate $one): DutyAct => new DutyAct($one), $due),
        };
    }

    /** @return DutyDate|null of which the task comes next; null: of none, or not before an open one is done */
    public function next(Duty $duty, DutyLedger $ledger): ?DutyDate
    {
        return $duty->stillOpen === StillOpen::Wait && $ledger->open !== []
            ? null
            : $this->dates->next($duty, $ledger, 1)[0] ?? null;
    }

    /** @return list<DutyDate> */
    private function come(Duty $duty, DutyLedger $ledger, int $now): array
    {
        $due = [];
        foreach ($this->dates->after($duty, $ledger) as $date) {
            if ($date->appearsAt > $now || count($due) >= Duty::MOST_AT_ONCE) {
                break;
            }
            $due[] = $date;
        }

        return $due;
    }

    /**
     * Of those that came while one was open, the newest; what came after its end waits for that in turn.
     *
     * @param non-empty-list<DutyDate> $due
     *
     * @return list<DutyAct>
     */
    private static function afterWaiting(Duty $duty, DutyLedger $ledger, array $due): array
    {
        if ($ledger->open !== []) {
            return [];
        }
        $waited = array_values(
            array_filter($due, static fn(DutyDate $one): bool => $ledger->wasOpenAt($one->appearsAt)),
        );

        return match (true) {
            $duty->catchUp === CatchUp::Newest => self::newest($due, $ledger),
            $waited !== [] => self::newest($waited, $ledger),
            default => [new DutyAct($due[0])],
        };
    }

    /**
     * The newest is made, the others are missed.
     *
     * @param non-empty-list<DutyDate> $due
     * @param list<string>             $drops ids of tasks
     *
     * @return list<DutyAct>
     */
    private static function newest(array $due, DutyLedger $ledger, array $drops = []): array
    {
        $newest = array_pop($due);

        return [
            ...array_map(
                static fn(DutyDate $one): DutyAct => new DutyAct(
                    $one,
                    $ledger->wasOpenAt($one->appearsAt) ? DutyMissed::Waited : DutyMissed::Late,
                ),
                $due,
            ),
            new DutyAct($newest, null, $drops),
        ];
    }
}
