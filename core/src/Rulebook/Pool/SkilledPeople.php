<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\AsksForSkill;

/** Everyone in the house with a skill at a level. */
final readonly class SkilledPeople implements Pool
{
    use AsksForSkill;

    public static function kind(): string
    {
        return 'skill';
    }

    public function seats(Roster $roster, Facts $facts): array
    {
        $seats = [];
        foreach ($roster->people as $person) {
            if ($this->skill->isMetBy($person)) {
                $seats[] = new Membership($person->id);
            }
        }

        return $seats;
    }

    public function namesOne(): bool
    {
        return false;
    }
}
