<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\AsksForSkill;
use OpenBaton\Core\Workload\LoadView;

final readonly class SkillAtLeast implements Limit
{
    use AsksForSkill;

    public static function kind(): string
    {
        return 'skill_at_least';
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
