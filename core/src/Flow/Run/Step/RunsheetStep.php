<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\RunsheetReference;
use OpenBaton\Core\Parameter\YesNo;

/** Starts another runsheet on the same subject. */
final readonly class RunsheetStep implements StepKind
{
    /**
     * @param string $runsheet key
     * @param bool   $hold     done when that run is over; otherwise once it has begun
     */
    public function __construct(public string $runsheet, public bool $hold = true) {}

    public static function kind(): string
    {
        return 'runsheet';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('runsheet', new RunsheetReference()),
            Parameter::optional('hold', new YesNo(), true),
        ];
    }

    public function datesHangOn(): array
    {
        return [];
    }
}
