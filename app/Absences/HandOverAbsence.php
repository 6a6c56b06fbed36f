<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Bridge\AbsenceReader;
use App\Bridge\SnapshotSource;
use App\Models\Absences\Absence;
use App\Refusals\AbsenceMovedOn;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceAction;

/** Passes the work of somebody who will be away now, and not only when they go. */
final readonly class HandOverAbsence
{
    public function __construct(private SettleAbsence $settle, private SnapshotSource $snapshots) {}

    /**
     * @return int how many tasks have passed
     *
     * @throws AbsenceMovedOn where it is not approved, has begun, or its work was handed over already
     */
    public function __invoke(Absence $absence, Actor $by): int
    {
        $known = AbsenceReader::of($absence->refresh()->load(Absence::WITH), $this->snapshots->current());
        if (!$absence->fits(AbsenceAction::HandOver, $known, CarbonImmutable::now()->getTimestamp())) {
            throw AbsenceMovedOn::handedOver();
        }

        return ($this->settle)($absence->id, $by, early: true);
    }
}
