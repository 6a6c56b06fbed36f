<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Absences\Absence;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Document\AbsenceFormat;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;

/** Absences of the tables as values of the core. */
final class AbsenceReader
{
    /** @param Absence $row with the person and the substitutes */
    public static function of(Absence $row, Snapshot $house): CoreAbsence
    {
        return AbsenceFormat::read(Node::root(RosterDocument::absence($row)), $house->roster, $house->catalogue);
    }

    /** When it is, without the rest: days are those of the person. */
    public static function span(Absence $row, Snapshot $house): Span
    {
        if ($row->first_day === null || $row->last_day === null) {
            return new Span((int) $row->from?->getTimestamp(), (int) $row->to?->getTimestamp());
        }
        $zone = $house->roster->people[$house->personSlugs[$row->person_id]]->hours->zone();

        return CoreAbsence::wholeDays(
            LocalDate::parse($row->first_day->format('Y-m-d')),
            LocalDate::parse($row->last_day->format('Y-m-d')),
            $zone,
        );
    }
}
