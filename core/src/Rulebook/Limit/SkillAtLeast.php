<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\SkillReference;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Workload\LoadView;

final readonly class SkillAtLeast implements Limit
{
    public function __construct(public string $skill, public int $level = 1) {}

    public static function kind(): string
    {
        return 'skill_at_least';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('skill', new SkillReference()),
            Parameter::optional('level', new WholeNumber(1, Person::HIGHEST_LEVEL), 1),
        ];
    }

    public static function inputs(): array
    {
        return [];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $level = $person->level($this->skill);

        return $level >= $this->level ? null : ['skill' => $this->skill, 'level' => $level, 'needed' => $this->level];
    }
}
