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

/** Puts an absence at another time, or changes who stands in and what passes. */
final readonly class ChangeAbsence
{
    public function __construct(private SettleAbsence $settle, private SnapshotSource $snapshots) {}

    /** @throws AbsenceMovedOn where it is over, or was declined or called off in the meantime */
    public function __invoke(Absence $absence, AbsenceTerms $terms, Actor $by): Absence
    {
        $changed = ChangeHouse::run(
            'absence_changed',
            'changed an absence of ' . (string) $absence->person?->name,
            $by,
            function () use ($absence, $terms): Absence {
                $locked = Absence::query()->with(Absence::WITH)->lockForUpdate()->findOrFail($absence->id);
                $now = CarbonImmutable::now();
                if (
                    !$locked->fits(
                        AbsenceAction::Change,
                        AbsenceReader::of($locked, $this->snapshots->current()),
                        $now->getTimestamp(),
                    )
                ) {
                    throw AbsenceMovedOn::over();
                }
                $locked->fill($terms->columns());
                $locked->save();
                $terms->nameSubstitutes($locked);
                $begin = AbsenceReader::of($locked->load(Absence::WITH), $this->snapshots->current())->span->from;
                if ($begin > $now->getTimestamp()) {
                    $locked->update(['handed_over_at' => null]);
                }

                return $locked;
            },
        );
        ($this->settle)($changed->id, $by, moved: true);

        return $changed;
    }
}
