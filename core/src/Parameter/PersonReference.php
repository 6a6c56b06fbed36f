<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Rulebook\RuleContext;

final readonly class PersonReference extends Reference
{
    public static function control(): Control
    {
        return Control::Person;
    }

    protected function missing(): string
    {
        return 'There is no person "{id}".';
    }

    protected function known(RuleContext $context): ?array
    {
        return $context->roster?->people;
    }
}
