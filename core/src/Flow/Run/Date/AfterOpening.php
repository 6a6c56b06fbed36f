<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Date;

use OpenBaton\Core\Flow\Run\Run;

/** So much working time after the step opened. */
final readonly class AfterOpening extends AfterInstant
{
    public static function kind(): string
    {
        return 'after_opening';
    }

    protected function since(string $step, Run $run): ?int
    {
        return $run->of($step)->reachedAt;
    }
}
