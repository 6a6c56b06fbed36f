<?php

declare(strict_types=1);

use OpenBaton\Core\Absence\CoverLine;
use OpenBaton\Core\Routing\Objection;

/** @return list<array{string, array<string, int|string|null>}> kind and figures */
function warnings(CoverLine $line): array
{
    return array_map(static fn(Objection $one): array => [$one->kind, $one->figures], $line->warnings);
}
