<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Workload\PersonWork;

/** What is to be done with the cases of somebody, as things are now, as CoverMoves says it of tasks. */
final readonly class CaseCoverMoves
{
    private SeatCover $seats;

    /** @param array<array-key, true> $early ids of absences whose work was handed over before their begin */
    public function __construct(private Roster $roster, ChangeFacts $facts, array $early = [])
    {
        $this->seats = new SeatCover($roster, $facts, $early);
    }

    /**
     * An owner who is away is covered, whatever is due in them.
     *
     * @param list<CaseSubject> $cases that the person owns, or that others own in their place
     * @param PersonWork        $work  of the person
     * @param int               $now   instant
     *
     * @return list<CoverMove>
     */
    public function of(string $personId, array $cases, PersonWork $work, int $now): array
    {
        $absence = $this->seats->absenceOf($personId, $now);
        $passes = $absence !== null && HeldWork::of($absence, $this->roster, $work, $now)->passesCases();

        return array_values(
            array_filter(
                array_map(
                    fn(CaseSubject $case): ?CoverMove => $this->moveCase($case, $personId, $passes, $now),
                    $cases,
                ),
            ),
        );
    }

    private function moveCase(CaseSubject $case, string $personId, bool $passes, int $now): ?CoverMove
    {
        $owner = $case->holderId;
        if ($owner === null || !$case->isOpen()) {
            return null;
        }

        return match (true) {
            $case->covering !== null => $this->seats->covered($case, SeatName::Owner, $owner, $case->covering, $now),
            $passes && $owner === $personId => $this->seats->passTo(
                $this->seats->find($personId, $case, SeatName::Owner, $now),
                $case,
                SeatName::Owner,
                $personId,
                $now,
            ),
            default => null,
        };
    }
}
