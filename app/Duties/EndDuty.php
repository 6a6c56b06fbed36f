<?php

declare(strict_types=1);

namespace App\Duties;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\Duties\Duty;
use App\Refusals\DutyMovedOn;

/** A duty comes no more. The tasks that it has made stay. */
final readonly class EndDuty
{
    /** @throws DutyMovedOn where somebody else has changed it since */
    public function __invoke(Duty $duty, int $seen, Actor $by): void
    {
        ChangeHouse::run('duty_ended', "ended the standing duty {$duty->name}", $by, static function () use (
            $duty,
            $seen,
        ): Duty {
            $row = Duty::query()->lockForUpdate()->find($duty->id);
            if ($row === null || $row->revision !== $seen) {
                throw DutyMovedOn::since($row);
            }
            $row->delete();

            return $row;
        });
    }
}
