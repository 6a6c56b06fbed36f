<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Rulebook\RuleContext;

final readonly class SkillReference extends Reference
{
    public static function control(): Control
    {
        return Control::Skill;
    }

    protected function missing(): string
    {
        return 'There is no skill "{id}".';
    }

    protected function known(RuleContext $context): ?array
    {
        return $context->roster?->skills;
    }
}
