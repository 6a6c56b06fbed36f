<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Rulebook\RuleContext;

/** A checklist that the house keeps. */
final readonly class ChecklistReference extends Reference
{
    public static function control(): Control
    {
        return Control::Checklist;
    }

    protected function missing(): string
    {
        return 'There is no checklist "{id}".';
    }

    protected function known(RuleContext $context): ?array
    {
        return $context->taskCatalogue?->checklists;
    }
}
