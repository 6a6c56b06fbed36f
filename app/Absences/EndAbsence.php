<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Bridge\AbsenceReader;
use App\Bridge\SnapshotSource;
use App\House\ChangeHouse;
use App\Models\Absences\Absence;
use App\Refusals\AbsenceMovedOn;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceAction;
use OpenBaton\Core\Absence\AbsenceStatus;

/** Calls an absence off before it begins, or ends it now where it is running. */
final readonly class EndAbsence
{
    public function __construct(private SettleAbsence $settle, private SnapshotSource $snapshots) {}

    /** @throws AbsenceMovedOn where it is over, or was declined or called off in the meantime */
    public function __invoke(Absence $absence, Actor $by): Absence
    {
        $name = (string) $absence->person?->name;

        $ended = ChangeHouse::run('absence_ended', "ended an absence of {$name}", $by, function () use (
            $absence,
        ): Absence {
            $now = CarbonImmutable::now()->getTimestamp();
            $locked = Absence::query()->with(Absence::WITH)->lockForUpdate()->findOrFail($absence->id);
            $known = AbsenceReader::of($locked, $this->snapshots->current());
            if (!$locked->fits(AbsenceAction::End, $known, $now)) {
                throw AbsenceMovedOn::over();
            }
            $ended = $known->endedAt($now);
            $locked->update(
                $ended->status === AbsenceStatus::Cancelled
                    ? ['status' => AbsenceStatus::Cancelled]
                    : [
                        'first_day' => null,
                        'last_day' => null,
                        'from' => CarbonImmutable::createFromTimestampUTC($ended->span->from),
                        'to' => CarbonImmutable::createFromTimestampUTC($ended->span->to),
                    ],
            );

            return $locked;
        });
        ($this->settle)($ended->id, $by);

        return $ended;
    }
}
