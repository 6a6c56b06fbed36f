<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Absence;
use App\Models\House;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceStatus;

/** Calls an absence off before it begins, or ends it now where it is running. */
final class EndAbsence
{
    /** @throws AbsenceMovedOn where it is over, or was declined or called off in the meantime */
    public function __invoke(Absence $absence, Actor $by): Absence
    {
        $name = (string) $absence->person?->name;

        return ChangeHouse::run('absence_ended', "ended an absence of {$name}", $by, static function () use ($absence): Absence {
            $now = CarbonImmutable::now()->getTimestamp();
            $locked = Absence::query()->with(['person', 'substitutes'])->lockForUpdate()->findOrFail($absence->id);
            $known = $locked->asCore(House::query()->firstOrFail()->zone);
            if (! $locked->status->leadsTo(AbsenceStatus::Cancelled) || $known->span->to <= $now) {
                throw new AbsenceMovedOn('This absence is over, or has been declined or called off in the meantime.');
            }
            $ended = $known->endedAt($now);
            $locked->update($ended->status === AbsenceStatus::Cancelled
                ? ['status' => AbsenceStatus::Cancelled]
                : [
                    'first_day' => null,
                    'last_day' => null,
                    'from' => CarbonImmutable::createFromTimestampUTC($ended->span->from),
                    'to' => CarbonImmutable::createFromTimestampUTC($ended->span->to),
                ]);

            return $locked;
        });
    }
}
