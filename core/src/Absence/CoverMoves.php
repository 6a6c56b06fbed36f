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
    private SubstituteFinder $finder;

    /** @param array<array-key, true> $early ids of absences whose work was handed over before their begin */
    public function __construct(private Roster $roster, private ChangeFacts $facts, private array $early = [])
    {
        $this->finder = new SubstituteFinder($roster);
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
        $absence = $this->inForce($personId, $now);
        $held = $absence === null ? null : HeldWork::of($absence, $this->roster, $work, $now);
        $moves = [];
        foreach ($tasks as $task) {
            foreach (SeatName::OF_TASK as $seat) {
                $move = $this->move($task, $seat, $personId, $held, $now, $set, $moved);
                if ($move !== null) {
                    $moves[] = $move;
                    $task = $move->after;
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

    /** The absence on account of which work of somebody passes now; null: none. */
    private function inForce(string $personId, int $now): ?Absence
    {
        $running = $this->roster->absenceOf($personId, $now);
        if ($running !== null) {
            return $running;
        }
        foreach ($this->roster->absencesOf($personId) as $absence) {
            if (isset($this->early[$absence->id]) && $now < $absence->span->to) {
                return $absence;
            }
        }

        return null;
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
        if ($this->inForce($covering->forId, $now) === null) {
            return $this->end($task, $seat, $covering);
        }
        $goneBack =
            $moved &&
            $covering->forId === $personId &&
            $covering->held &&
            $covering->touchedBy === [] &&
            !array_key_exists($task->id, $set) &&
            !in_array($personId, $task->beside($seat), true);
        if ($goneBack && $held?->reason($task, $seat)->passes() === false) {
            return $this->seat(CoverMoveKind::ComesBack, $task, $seat, $covering->forId, $covering->forId, null);
        }

        return $this->passOn($task, $seat, $occupant, $covering, $now);
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
        $absence = $this->inForce($personId, $now);
        $byHand = array_key_exists($task->id, $set);
        if ($absence === null || ($byHand ? $set[$task->id] === null : !$held->reason($task, $seat)->passes())) {
            return null;
        }
        $toId =
            $this->firstPresent(array_filter([$set[$task->id] ?? null]), $now) ??
            $this->find($personId, $task, $seat, $now);

        return $toId === null
            ? null
            : $this->seat(
                CoverMoveKind::Passes,
                $task,
                $seat,
                $personId,
                $toId,
                new Covering($personId, $absence->id, held: true),
            );
    }

    private function passOn(
        TaskSubject $task,
        SeatName $seat,
        string $occupant,
        Covering $covering,
        int $now,
    ): ?CoverMove {
        $back = in_array($occupant, $covering->touchedBy, true)
            ? null
            : $this->firstPresent(array_values(array_diff($covering->via, $task->beside($seat))), $now);
        if ($back !== null) {
            $again = $covering->backWith($back);

            return $this->seat(CoverMoveKind::PassesOn, $task, $seat, $covering->forId, $back, $again);
        }
        $toId = $this->inForce($occupant, $now) === null ? null : $this->find($covering->forId, $task, $seat, $now);

        return $toId === null || $toId === $occupant
            ? null
            : $this->seat(
                CoverMoveKind::PassesOn,
                $task,
                $seat,
                $covering->forId,
                $toId,
                $covering->passedOnBy($occupant),
            );
    }

    /** Whoever was away is back. */
    private function end(TaskSubject $task, SeatName $seat, Covering $covering): CoverMove
    {
        $policy = $this->roster->absence($covering->forId, $covering->absenceId)->handBack ?? HandBackPolicy::Untouched;
        $comesBack = match ($policy) {
            HandBackPolicy::Untouched => $covering->touchedBy === [],
            HandBackPolicy::Unfinished => true,
            HandBackPolicy::Nothing => false,
        };

        // Whoever has come to the other seat meanwhile does not get this one too.
        return $comesBack && !in_array($covering->forId, $task->beside($seat), true)
            ? $this->seat(CoverMoveKind::ComesBack, $task, $seat, $covering->forId, $covering->forId, null)
            : $this->seat(CoverMoveKind::Stays, $task, $seat, $covering->forId, $task->occupant($seat), null);
    }

    private function seat(
        CoverMoveKind $kind,
        TaskSubject $task,
        SeatName $seat,
        string $forId,
        ?string $toId,
        ?Covering $covering,
    ): CoverMove {
        return new CoverMove($kind, $forId, $seat, $task, $task->seated($seat, $toId, $covering));
    }

    /** @param list<string> $personIds */
    private function firstPresent(array $personIds, int $now): ?string
    {
        foreach ($personIds as $id) {
            if ($this->inForce($id, $now) === null) {
                return $id;
            }
        }

        return null;
    }

    /** Who answers for somebody now, or will when they go. */
    private function find(string $personId, TaskSubject $task, SeatName $seat, int $now): ?string
    {
        $at = max($now, $this->inForce($personId, $now)->span->from ?? $now);
        $cover = $this->finder->find($personId, $at, $this->facts->of($task, $task, $at), $task->beside($seat));

        return $cover->isSubstitute() ? $cover->personId : null;
    }
}
