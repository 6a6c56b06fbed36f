<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\PersonWork;

/**
 * What is to be done with the work that concerns somebody, as things are now: what they hold passes where they are
 * away, what others hold for them comes back where they are not, and what they hold for others passes on. Asked again
 * when all of it is done, it answers nothing.
 *
 * It is asked when an absence begins, ends, or is changed.
 */
final readonly class CoverMoves
{
    private SeatCover $seats;

    /** @param array<array-key, true> $early ids of absences whose work was handed over before their begin */
    public function __construct(private Roster $roster, ChangeFacts $facts, array $early = [])
    {
        $this->seats = new SeatCover($roster, $facts, $early);
    }

    /**
     * @param list<TaskSubject> $tasks that the person holds or reviews, or that others do for them or in their place
     * @param PersonWork                    $work  of the person
     * @param int                           $now   instant
     * @param array<array-key, string|null> $set what was set by hand in their cover plan, by task: who gets it; null:
     *     it stays
     * @param bool $moved their absence is at another time than before: what should not pass any more comes back
     *
     * @return list<CoverMove>
     */
    public function of(
        string $personId,
        array $tasks,
        PersonWork $work,
        int $now,
        array $set = [],
        bool $moved = false,
    ): array {
        $absence = $this->seats->absenceOf($personId, $now);
        $held = $absence === null ? null : HeldWork::of($absence, $this->roster, $work, $now);
        $moves = [];
        foreach ($tasks as $task) {
            foreach (SeatName::OF_TASK as $seat) {
                $move = $this->move($task, $seat, $personId, $held, $now, $set, $moved);
                if ($move !== null) {
                    $moves[] = $move;
                    $task = $task->seated($seat, $move->after->occupant($seat), $move->after->coveringOf($seat));
                }
            }
        }

        return $moves;
    }

    /**
     * Those who are away now and whose substitutes, or the substitutes of these, one person is.
     *
     * @param int $now instant
     *
     * @return list<string>
     */
    public static function coveredBy(Roster $roster, string $personId, int $now): array
    {
        $found = [$personId => true];
        do {
            $before = count($found);
            foreach (array_map(strval(...), array_keys($roster->people)) as $id) {
                $absence = $roster->absenceOf($id, $now);
                $answering = [...$absence?->substituteIds() ?? [], $roster->leadFor($id, $now)];
                if (
                    $absence !== null &&
                    array_intersect_key($found, array_flip(array_filter($answering, is_string(...)))) !== []
                ) {
                    $found[$id] = true;
                }
            }
        } while (count($found) > $before);

        return array_map(strval(...), array_slice(array_keys($found), 1));
    }

    /** @param array<array-key, string|null> $set */
    private function move(
        TaskSubject $task,
        SeatName $seat,
        string $personId,
        ?HeldWork $held,
        int $now,
        array $set,
        bool $moved,
    ): ?CoverMove {
        $occupant = $task->occupant($seat);
        $covering = $task->coveringOf($seat);
        if ($occupant === null || !$task->status->isOpen()) {
            return null;
        }
        if ($covering === null) {
            $has = $held !== null && HeldWork::seat($task, $personId) === $seat;

            return $has ? $this->pass($task, $seat, $personId, $held, $now, $set) : null;
        }
        if ($this->seats->absenceOf($covering->forId, $now) === null) {
            return $this->seats->end($task, $seat, $covering);
        }
        $goneBack =
            $moved &&
            $covering->forId === $personId &&
            $covering->held &&
            $covering->touchedBy === [] &&
            !array_key_exists($task->id, $set) &&
            !in_array($personId, $task->beside($seat), true);
        if ($goneBack && $held?->reason($task, $seat)->passes() === false) {
            return $this->seats->move(CoverMoveKind::ComesBack, $task, $seat, $covering->forId, $covering->forId, null);
        }

        return $this->seats->passOn($task, $seat, $occupant, $covering, $now);
    }

    /** @param array<array-key, string|null> $set */
    private function pass(
        TaskSubject $task,
        SeatName $seat,
        string $personId,
        HeldWork $held,
        int $now,
        array $set,
    ): ?CoverMove {
        $byHand = array_key_exists($task->id, $set);
        if ($byHand ? $set[$task->id] === null : !$held->reason($task, $seat)->passes()) {
            return null;
        }
        $toId =
            $this->seats->firstPresent(array_filter([$set[$task->id] ?? null]), $now) ??
            $this->seats->find($personId, $task, $seat, $now);

        return $this->seats->passTo($toId, $task, $seat, $personId, $now);
    }
}
