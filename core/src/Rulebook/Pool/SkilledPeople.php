<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SkillLevel;

/** Everyone in the house with a skill at a level. */
final readonly class SkilledPeople implements Pool
{
    public function __construct(public SkillLevel $skill) {}

    public static function kind(): string
    {
        return 'skill';
    }

    public static function read(Node $node): static
    {
        return new self(SkillLevel::read($node));
    }

    public function write(): array
    {
        return ['kind' => self::kind()] + $this->skill->write();
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        return $this->skill->faults($roster, $pointer);
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
