<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Roster;

/** For parts of a rule that are a skill at a level. */
trait AsksForSkill
{
    public function __construct(public readonly SkillLevel $skill) {}

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
}
