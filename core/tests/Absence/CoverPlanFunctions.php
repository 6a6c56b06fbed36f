<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\CoverLine;
use OpenBaton\Core\Absence\CoverWarning;

/** @return list<array{string, array<string, int|string|null>}> kind and figures */
function warnings(CoverLine $line): array
{
    return array_map(static fn(CoverWarning $one): array => [$one->kind, $one->figures], $line->warnings);
}
