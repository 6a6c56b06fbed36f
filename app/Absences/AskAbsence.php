<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\Absences\Absence;
use App\Models\People\Person;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OpenBaton\Core\Absence\AbsenceStatus;

/** Puts down that somebody wants to be away; what a lead enters is approved with that. */
final readonly class AskAbsence
{
    public function __construct(private SettleAbsence $settle) {}

    public function __invoke(Person $person, AbsenceTerms $terms, bool $approved, Actor $by): Absence
    {
        $event = $approved ? 'absence_entered' : 'absence_asked';
        $description = $approved ? "entered an absence of {$person->name}" : "asked for an absence of {$person->name}";

        $absence = ChangeHouse::run(
            $event,
            $description,
            $by,
            static function () use ($person, $terms, $approved, $by): Absence {
                $absence = Absence::query()->create(
                    [
                        'slug' => 'absence-' . Str::lower((string) Str::ulid()),
                        'person_id' => $person->id,
                        'status' => $approved ? AbsenceStatus::Approved : AbsenceStatus::Asked,
                        'asked_by' => $by->user?->id,
                        'decided_by' => $approved ? $by->user?->id : null,
                        'decided_at' => $approved ? CarbonImmutable::now() : null,
                    ] + $terms->columns(),
                );
                $terms->nameSubstitutes($absence);
                if ($approved) {
                    DecideAbsence::say($absence, true, null, $by);
                }

                return $absence;
            },
            static fn(): ?Absence => $terms->sameOf(
                $person,
                $approved ? AbsenceStatus::Approved : AbsenceStatus::Asked,
            ),
        );
        ($this->settle)($absence->id, $by);

        return $absence;
    }
}
