<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Subject\Subject;

/** How one seat of a task or a case passes to whoever stands in for somebody, on from them, and back. */
final readonly class SeatCover
{
    private SubstituteFinder $finder;

    /** @param array<array-key, true> $early ids of absences whose work was handed over before their begin */
    public function __construct(private Roster $roster, private ChangeFacts $facts, private array $early = [])
    {
        $this->finder = new SubstituteFinder($roster);
    }

    /** The absence on account of which work of somebody passes now; null: none. */
    public function absenceOf(string $personId, int $now): ?Absence
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

    public function passTo(?string $toId, Subject $of, SeatName $seat, string $personId, int $now): ?CoverMove
    {
        $absence = $this->absenceOf($personId, $now);

        return $toId === null || $absence === null
            ? null
            : $this->move(
                CoverMoveKind::Passes,
                $of,
                $seat,
                $personId,
                $toId,
                new Covering($personId, $absence->id, held: true),
            );
    }

    /** What somebody has for somebody else. */
    public function covered(Subject $of, SeatName $seat, string $occupant, Covering $covering, int $now): ?CoverMove
    {
        return $this->absenceOf($covering->forId, $now) === null
            ? $this->end($of, $seat, $covering)
            : $this->passOn($of, $seat, $occupant, $covering, $now);
    }

    public function passOn(Subject $task, SeatName $seat, string $occupant, Covering $covering, int $now): ?CoverMove
    {
        $back = in_array($occupant, $covering->touchedBy, true)
            ? null
            : $this->firstPresent(array_values(array_diff($covering->via, $task->beside($seat))), $now);
        if ($back !== null) {
            $again = $covering->backWith($back);

            return $this->move(CoverMoveKind::PassesOn, $task, $seat, $covering->forId, $back, $again);
        }
        $toId = $this->absenceOf($occupant, $now) === null ? null : $this->find($covering->forId, $task, $seat, $now);

        return $toId === null || $toId === $occupant
            ? null
            : $this->move(
                CoverMoveKind::PassesOn,
                $task,
                $seat,
                $covering->forId,
                $toId,
                $covering->passedOnBy($occupant),
            );
    }

    /** Whoever was away is back. */
    public function end(Subject $task, SeatName $seat, Covering $covering): CoverMove
    {
        $policy = $this->roster->absence($covering->forId, $covering->absenceId)->handBack ?? HandBackPolicy::Untouched;
        $comesBack = match ($policy) {
            HandBackPolicy::Untouched => $covering->touchedBy === [],
            HandBackPolicy::Unfinished => true,
            HandBackPolicy::Nothing => false,
        };

        // Whoever has come to the other seat meanwhile does not get this one too.
        return $comesBack && !in_array($covering->forId, $task->beside($seat), true)
            ? $this->move(CoverMoveKind::ComesBack, $task, $seat, $covering->forId, $covering->forId, null)
            : $this->move(CoverMoveKind::Stays, $task, $seat, $covering->forId, $task->occupant($seat), null);
    }

    public function move(
        CoverMoveKind $kind,
        Subject $task,
        SeatName $seat,
        string $forId,
        ?string $toId,
        ?Covering $covering,
    ): CoverMove {
        return new CoverMove($kind, $forId, $seat, $task, $task->seated($seat, $toId, $covering));
    }

    /** @param list<string> $personIds */
    public function firstPresent(array $personIds, int $now): ?string
    {
        foreach ($personIds as $id) {
            if ($this->absenceOf($id, $now) === null) {
                return $id;
            }
        }

        return null;
    }

    /** Who answers for somebody now, or will when they go. */
    public function find(string $personId, Subject $task, SeatName $seat, int $now): ?string
    {
        $at = max($now, $this->absenceOf($personId, $now)->span->from ?? $now);
        $cover = $this->finder->find($personId, $at, $this->facts->of($task, $task, $at), $task->beside($seat));

        return $cover->isSubstitute() ? $cover->personId : null;
    }
}
