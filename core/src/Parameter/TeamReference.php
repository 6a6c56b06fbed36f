<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Rulebook\RuleContext;

final readonly class TeamReference extends Reference
{
    public static function control(): Control
    {
        return Control::Team;
    }

    protected function missing(): string
    {
        return 'There is no team "{id}".';
    }

    protected function known(RuleContext $context): ?array
    {
        return $context->roster?->teams;
    }
}
