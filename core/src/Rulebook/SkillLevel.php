<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Criteria\Fault;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;

/** A skill at a level or above. */
final readonly class SkillLevel
{
    public function __construct(public string $skillId, public int $level) {}

    public static function read(Node $node): self
    {
        $level = $node->find('level');
        if ($level !== null && ($level->int() < 1 || $level->int() > 3)) {
            throw $level->fail('A level is 1, 2 or 3.');
        }

        return new self($node->get('skill')->text(), $level?->int() ?? 1);
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return ['skill' => $this->skillId, 'level' => $this->level];
    }

    /** @return list<Fault> */
    public function faults(Roster $roster, string $pointer): array
    {
        return isset($roster->skills[$this->skillId]) ? [] : [new Fault("{$pointer}/skill", "There is no skill \"{$this->skillId}\".")];
    }

    public function isMetBy(Person $person): bool
    {
        return $person->level($this->skillId) >= $this->level;
    }
}
