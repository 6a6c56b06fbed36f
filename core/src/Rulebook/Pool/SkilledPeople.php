<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\SkillReference;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;

/** Everyone in the house with a skill at a level. */
final readonly class SkilledPeople implements Pool
{
    public function __construct(public string $skill, public int $level = 1) {}

    public static function kind(): string
    {
        return 'skill';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('skill', new SkillReference()),
            Parameter::optional('level', new WholeNumber(1, Person::HIGHEST_LEVEL), 1),
        ];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $members = [];
        foreach ($roster->people as $person) {
            if ($person->level($this->skill) >= $this->level) {
                $members[] = new Membership($person->id);
            }
        }

        return $members;
    }

    public function namesOne(): bool
    {
        return false;
    }
}
