<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\SkillReference;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;

/** Everyone in the house with a skill at a level; where asked, turns weigh by the level. */
final readonly class SkilledPeople implements Pool
{
    public function __construct(public string $skill, public int $level = 1, public bool $byLevel = false) {}

    public static function kind(): string
    {
        return 'skill';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('skill', new SkillReference()),
            Parameter::optional('level', new WholeNumber(1, Person::HIGHEST_LEVEL), 1),
            Parameter::optional('by_level', new YesNo(), false),
        ];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $members = [];
        foreach ($roster->people as $person) {
            $level = $person->level($this->skill);
            if ($level >= $this->level) {
                $weight = $this->byLevel ? $level * Membership::FULL_WEIGHT : Membership::FULL_WEIGHT;
                $members[] = new Membership($person->id, $weight);
            }
        }

        return $members;
    }

    public function namesOne(): bool
    {
        return false;
    }
}
