<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

use OpenBaton\Core\Rulebook\RuleContext;

/** A runsheet that the house has published. */
final readonly class RunsheetReference extends Reference
{
    public static function control(): Control
    {
        return Control::Runsheet;
    }

    protected function missing(): string
    {
        return 'There is no runsheet "{id}".';
    }

    protected function known(RuleContext $context): ?array
    {
        return $context->taskCatalogue?->runsheets;
    }
}
