<?php

declare(strict_types=1);

namespace App\Absences;

use App\Bridge\Snapshot;
use App\Models\People\Skill;
use App\Models\People\Team;
use OpenBaton\Core\Absence\Absence;
use OpenBaton\Core\People\DayStrength;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Strength;

/**
 * How many of teams and of those with a skill are there on days, against the
 * minimums that the lead has set.
 *
 * @phpstan-type Group array{of: 'team'|'skill', slug: string, name: string, minimum: int|null,
 *     members: list<Membership>}
 */
final class Minimums
{
    /** @return list<Group> all teams, and all skills */
    public static function groups(Snapshot $house): array
    {
        $minimums = [
            'team' => Team::query()->whereNotNull('minimum')->pluck('minimum', 'slug')->all(),
            'skill' => Skill::query()->whereNotNull('minimum')->pluck('minimum', 'slug')->all(),
        ];
        $number = static fn(mixed $value): ?int => is_numeric($value) ? (int) $value : null;
        $strength = new Strength($house->roster);
        $groups = [];
        foreach ($house->roster->teams as $team) {
            $groups[] = [
                'of' => 'team',
                'slug' => $team->id,
                'name' => $team->name,
                'minimum' => $number($minimums['team'][$team->id] ?? null),
                'members' => $team->members,
            ];
        }
        foreach ($house->roster->skills as $slug => $name) {
            $groups[] = [
                'of' => 'skill',
                'slug' => (string) $slug,
                'name' => $name,
                'minimum' => $number($minimums['skill'][$slug] ?? null),
                'members' => $strength->skilled((string) $slug),
            ];
        }

        return $groups;
    }

    /**
     * Where an absence makes it fewer than there should be.
     *
     * @param list<Group> $groups
     *
     * @return list<array{name: string, minimum: int, there: int, days: list<string>}> dates as YYYY-MM-DD, with the
     *     fewest on any of them
     */
    public static function shortBy(Absence $absence, Strength $strength, array $groups): array
    {
        $short = [];
        foreach ($groups as $group) {
            if (
                $group['minimum'] === null ||
                array_filter(
                    $group['members'],
                    static fn(Membership $member): bool => $member->personId === $absence->personId,
                ) === []
            ) {
                continue;
            }
            $below = $strength->shortBy(
                $absence,
                $group['members'],
                $group['minimum'],
                "{$group['of']}:{$group['slug']}",
            );
            if ($below !== []) {
                $short[] = [
                    'name' => $group['name'],
                    'minimum' => $group['minimum'],
                    'there' => min(array_map(static fn(DayStrength $day): int => $day->there, $below)),
                    'days' => array_map(static fn(DayStrength $day): string => $day->date->format(), $below),
                ];
            }
        }

        return $short;
    }
}
