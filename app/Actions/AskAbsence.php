<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Absence;
use App\Models\Person;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use OpenBaton\Core\Absence\AbsenceStatus;

/** Puts down that somebody wants to be away; what a lead enters is approved with that. */
final class AskAbsence
{
    public function __invoke(Person $person, AbsenceTerms $terms, bool $approved, Actor $by): Absence
    {
        $event = $approved ? 'absence_entered' : 'absence_asked';
        $description = $approved ? "entered an absence of {$person->name}" : "asked for an absence of {$person->name}";

        return ChangeHouse::run($event, $description, $by, static function () use ($person, $terms, $approved, $by): Absence {
            $absence = Absence::query()->create([
                'slug' => 'absence-'.Str::lower((string) Str::ulid()),
                'person_id' => $person->id,
                'first_day' => $terms->firstDay,
                'last_day' => $terms->lastDay,
                'from' => $terms->from,
                'to' => $terms->to,
                'status' => $approved ? AbsenceStatus::Approved : AbsenceStatus::Asked,
                'kind' => $terms->kind,
                'reason' => $terms->note,
                'asked_by' => $by->user?->id,
                'decided_by' => $approved ? $by->user?->id : null,
                'decided_at' => $approved ? CarbonImmutable::now() : null,
            ]);
            $ids = Person::query()->whereIn('slug', $terms->substitutes)->get(['id', 'slug'])->mapWithKeys(static fn(Person $one): array => [$one->slug => $one->id])->all();
            $absence->syncSubstitutes(array_map(static fn(string $slug): string => $ids[$slug], $terms->substitutes));

            return $absence;
        });
    }
}
