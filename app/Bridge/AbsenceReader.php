<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Absences\Absence;
use OpenBaton\Core\Absence\Absence as CoreAbsence;
use OpenBaton\Core\Document\AbsenceFormat;
use OpenBaton\Core\Document\Node;

/** Absences of the tables as values of the core. */
final class AbsenceReader
{
    /** @param Absence $row with the person and the substitutes */
    public static function of(Absence $row, Snapshot $house): CoreAbsence
    {
        return AbsenceFormat::read(Node::root(RosterDocument::absence($row)), $house->roster, $house->catalogue);
    }
}
