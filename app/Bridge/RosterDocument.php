<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Absences\Absence;
use App\Models\Absences\AbsenceSubstitute;
use App\Models\House\House;
use App\Models\People\Person;
use App\Models\People\Skill;
use App\Models\People\Team;
use App\Models\People\TeamMembership;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Absence\HandBackPolicy;
use OpenBaton\Core\Absence\HeldPolicy;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\RosterFormat;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Workload\LoadMeasure;

/** The roster as a document, from the tables; the same that is exported. */
final class RosterDocument
{
    /** @return array<string, mixed> */
    public static function build(House $house): array
    {
        return self::document($house, Absence::query());
    }

    /**
     * With those absences only that decisions may look at: not what is long over and has left nothing behind.
     *
     * @return array<string, mixed>
     */
    public static function current(House $house): array
    {
        return self::document($house, Absence::query()->mattering());
    }

    /**
     * @param Builder<Absence> $absences
     *
     * @return array<string, mixed>
     */
    private static function document(House $house, Builder $absences): array
    {
        return [
            'openbaton' => RosterFormat::VERSION,
            'house' => array_filter([
                'zone' => $house->zone,
                'hours' => $house->hours,
                'holidays' => $house->holidays,
                'calendars' => $house->calendars,
                'load' => $house->load_measure,
                'exceptions' => $house->exceptions,
            ]),
            'skills' => Skill::query()
                ->orderBy('position')
                ->get()
                ->map(
                    static fn(Skill $skill): array => array_filter([
                        'id' => $skill->slug,
                        'name' => $skill->name,
                        'minimum' => $skill->minimum,
                    ]),
                )
                ->all(),
            'people' => self::people(),
            'teams' => self::teams(),
            'absences' => $absences->with(Absence::WITH)->orderBy('slug')->get()->map(self::absence(...))->all(),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function people(): array
    {
        return array_values(
            Person::query()
                ->with(['skills', 'place'])
                ->orderBy('position')
                ->get()
                ->map(self::person(...))
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> */
    private static function teams(): array
    {
        return array_values(
            Team::query()
                ->with(['lead', 'parent', 'members'])
                ->orderBy('position')
                ->get()
                ->map(self::team(...))
                ->all(),
        );
    }

    /**
     * @param Person $person with the skills and the place
     *
     * @return array<string, mixed>
     */
    public static function person(Person $person): array
    {
        $levels = $person->skills
            ->mapWithKeys(static fn(Skill $skill): array => [$skill->slug => $skill->pivot?->level])
            ->all();

        return array_filter(
            [
                'id' => $person->slug,
                'name' => $person->name,
                'email' => $person->email,
                'phone' => $person->phone,
                'zone' => $person->zone,
                'hours' => $person->hours,
                'holidays' => $person->holidays,
                'calendar' => $person->calendar,
                'exceptions' => $person->exceptions,
                'capacity' =>
                    ($person->capacity_minutes !== null
                        ? ['minutes_a_day' => $person->capacity_minutes]
                        : ['percent' => $person->capacity_percent]) +
                    ($person->capacity_parts === null
                        ? []
                        : ['amount_a_day' => $person->capacity_parts / LoadMeasure::PARTS]),
                'skills' => $levels === [] ? null : (object) $levels,
                'open_tasks_at_most' => $person->open_tasks_at_most,
                'attributes' => $person->attribute_list,
                'place' => $person->place?->slug,
                'fields' => (array) $person->facts === [] ? null : (object) $person->facts,
                'active' => $person->active,
                'from' => $person->member_from?->format('Y-m-d'),
                'until' => $person->member_until?->format('Y-m-d'),
                'intake_paused_until' => $person->intake_paused_until,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private static function team(Team $team): array
    {
        return array_filter(
            [
                'id' => $team->slug,
                'name' => $team->name,
                'parent' => $team->parent?->slug,
                'lead' => $team->lead?->slug,
                'minimum' => $team->minimum,
                'members' => array_values($team->members->map(self::member(...))->all()),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private static function member(Person $person): array
    {
        $membership = $person->pivot instanceof TeamMembership ? $person->pivot : null;

        return array_filter(
            [
                'person' => $person->slug,
                'weight' => $membership->weight ?? Membership::FULL_WEIGHT,
                'from' => $membership?->from?->format('Y-m-d'),
                'until' => $membership?->until?->format('Y-m-d'),
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /**
     * @param Absence $absence with the person and the substitutes
     *
     * @return array<string, mixed>
     */
    public static function absence(Absence $absence): array
    {
        return array_filter(
            [
                'id' => $absence->slug,
                'person' => $absence->person?->slug,
                'first' => $absence->first_day?->format('Y-m-d'),
                'last' => $absence->last_day?->format('Y-m-d'),
                'from' => Instant::orNull($absence->from?->getTimestamp()),
                'to' => Instant::orNull($absence->to?->getTimestamp()),
                'status' => $absence->status->value,
                'substitutes' => array_values($absence->substitutes->map(self::substitute(...))->all()),
                'held' => $absence->held === HeldPolicy::FallsDue ? null : $absence->held->value,
                'hand_back' => $absence->hand_back === HandBackPolicy::Untouched ? null : $absence->hand_back->value,
            ],
            static fn(mixed $value): bool => $value !== null,
        );
    }

    /** @return string|array<string, mixed> */
    private static function substitute(Person $person): string|array
    {
        $only = $person->pivot instanceof AbsenceSubstitute ? $person->pivot->only : null;

        return $only === null ? $person->slug : ['person' => $person->slug, 'only' => $only];
    }
}
