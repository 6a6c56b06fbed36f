<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\RunsheetReference;

/** A run of a runsheet was finished in this stay in the stage. */
final readonly class RunFinished implements Gate
{
    /** @param string $runsheet key */
    public function __construct(public string $runsheet) {}

    public static function kind(): string
    {
        return 'run_finished';
    }

    public static function parameters(): array
    {
        return [Parameter::required('runsheet', new RunsheetReference())];
    }

    public function missing(CaseView $case, string $stage): array
    {
        return in_array($this->runsheet, $case->runsFinished, true)
            ? []
            : [new Missing(self::kind(), $this->runsheet, $case->ownerId)];
    }
}
