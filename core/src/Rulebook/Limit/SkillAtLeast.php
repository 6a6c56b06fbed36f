<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\SkillLevel;
use OpenBaton\Core\Workload\LoadView;

final readonly class SkillAtLeast implements Limit
{
    public function __construct(public SkillLevel $skill) {}

    public static function kind(): string
    {
        return 'skill_at_least';
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

    public function refusal(Person $person, LoadView $load): ?array
    {
        return $this->skill->isMetBy($person) ? null : [
            'skill' => $this->skill->skillId,
            'level' => $person->level($this->skill->skillId),
            'needed' => $this->skill->level,
        ];
    }

    public function looksAtWork(): bool
    {
        return false;
    }
}
