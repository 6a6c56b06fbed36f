<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Absence;
use App\Models\House;
use App\Models\Person;
use App\Models\Skill;
use App\Models\Team;
use Carbon\CarbonInterface;
use OpenBaton\Core\Document\RosterFormat;

/** The roster as a document, from the tables; the same that is exported. */
final class RosterDocument
{
    /** @return array<string, mixed> */
    public static function build(House $house): array
    {
        return [
            'openbaton' => RosterFormat::VERSION,
            'house' => array_filter([
                'zone' => $house->zone,
                'hours' => $house->hours,
                'holidays' => $house->holidays,
                'exceptions' => $house->exceptions,
            ]),
            'skills' => Skill::query()->orderBy('position')->get()
                ->map(static fn (Skill $skill): array => ['id' => $skill->slug, 'name' => $skill->name])->all(),
            'people' => Person::query()->with('skills')->orderBy('position')->get()->map(self::person(...))->all(),
            'teams' => Team::query()->with(['members', 'lead', 'parent'])->orderBy('position')->get()->map(self::team(...))->all(),
            'absences' => Absence::query()->with(['person', 'substitutes'])->orderBy('slug')->get()->map(self::absence(...))->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function person(Person $person): array
    {
        return array_filter([
            'id' => $person->slug,
            'name' => $person->name,
            'zone' => $person->zone,
            'hours' => $person->hours,
            'holidays' => $person->holidays,
            'exceptions' => $person->exceptions,
            'capacity' => $person->capacity_minutes !== null
                ? ['minutes_a_day' => $person->capacity_minutes]
                : ['percent' => $person->capacity_percent],
            'skills' => $person->skills->mapWithKeys(static fn (Skill $skill): array => [$skill->slug => (int) $skill->getRelationValue('pivot')->level])->all() ?: null,
            'active' => $person->active,
            'from' => $person->member_from?->format('Y-m-d'),
            'until' => $person->member_until?->format('Y-m-d'),
            'intake_paused_until' => $person->intake_paused_until,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private static function team(Team $team): array
    {
        return array_filter([
            'id' => $team->slug,
            'name' => $team->name,
            'parent' => $team->parent?->slug,
            'lead' => $team->lead?->slug,
            'members' => $team->members->map(static fn (Person $person): array => [
                'person' => $person->slug,
                'weight' => (int) $person->getRelationValue('pivot')->weight,
            ])->all(),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private static function absence(Absence $absence): array
    {
        return array_filter([
            'id' => $absence->slug,
            'person' => $absence->person?->slug,
            'first' => $absence->first_day?->format('Y-m-d'),
            'last' => $absence->last_day?->format('Y-m-d'),
            'from' => self::instant($absence->from),
            'to' => self::instant($absence->to),
            'status' => $absence->status,
            'substitutes' => $absence->substitutes->map(static fn (Person $person): string => $person->slug)->all(),
        ], static fn (mixed $value): bool => $value !== null);
    }

    private static function instant(?CarbonInterface $moment): ?string
    {
        return $moment?->utc()->format('Y-m-d\TH:i:s\Z');
    }
}
