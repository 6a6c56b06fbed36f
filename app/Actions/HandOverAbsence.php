<?php

declare(strict_types=1);

namespace App\Actions;

use App\Cover\SettleAbsence;
use App\Models\Absence;
use App\Refusals\AbsenceMovedOn;
use OpenBaton\Core\Absence\AbsenceStatus;

/** Passes the work of somebody who will be away now, and not only when they go. */
final readonly class HandOverAbsence
{
    public function __construct(private SettleAbsence $settle) {}

    /**
     * @return int how many tasks have passed
     *
     * @throws AbsenceMovedOn where it is not approved, or its work was handed over already
     */
    public function __invoke(Absence $absence, Actor $by): int
    {
        $absence->refresh();
        if ($absence->status !== AbsenceStatus::Approved || $absence->handed_over_at !== null) {
            throw AbsenceMovedOn::handedOver();
        }

        return ($this->settle)($absence->id, $by, early: true);
    }
}
