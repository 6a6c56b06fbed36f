<?php

declare(strict_types=1);

namespace App\Foresight;

use App\Models\Foresight\Forecast;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Rulebook\Pool\SkilledPeople;
use OpenBaton\Core\Time\LocalDate;

/**
 * Of what it is foreseen: of the house, of each team, of each skill that rules ask for. Work is a team's where one of
 * it holds or reviews it, and a skill's where the rule that placed it asks for the skill.
 */
final readonly class Abouts
{
    /** @param array<array-key, string> $skills names by slug */
    public function __construct(private Roster $roster, private array $skills, private LocalDate $today) {}

    /** @return array<array-key, list<string>> slugs of active people, by what it is about */
    public function people(): array
    {
        $active = array_filter($this->roster->people, static fn(Person $one): bool => $one->active);
        $slugs = static fn(array $people): array => array_map(strval(...), array_keys($people));
        $by = [Forecast::HOUSE => $slugs($active)];
        foreach ($this->roster->teams as $team) {
            $by["team:{$team->id}"] = array_values(
                array_intersect(
                    $slugs($active),
                    array_map(static fn(Membership $one): string => $one->personId, $team->members),
                ),
            );
        }
        foreach (array_keys($this->skills) as $skill) {
            $by["skill:{$skill}"] = $slugs(
                array_filter($active, static fn(Person $one): bool => isset($one->skills[$skill])),
            );
        }

        return array_filter($by);
    }

    /**
     * @param list<string> $people slugs of those whose time it takes
     * @param Give|null    $give   how the rule gives that placed it
     *
     * @return list<string>
     */
    public function of(array $people, ?Give $give): array
    {
        $abouts = [Forecast::HOUSE];
        foreach ($people as $slug) {
            foreach ($this->roster->teamsOn($slug, $this->today) as $team) {
                $abouts[] = "team:{$team->id}";
            }
        }
        foreach ($give === null ? [] : self::skills($give) as $skill) {
            $abouts[] = "skill:{$skill}";
        }

        return array_values(array_unique($abouts));
    }

    /** @return list<string> */
    private static function skills(Give $give): array
    {
        $skills = $give->pool instanceof SkilledPeople ? [$give->pool->skill] : [];
        foreach ($give->limits as $limit) {
            $skills = $limit instanceof SkillAtLeast ? [...$skills, $limit->skill] : $skills;
        }

        return $skills;
    }
}
