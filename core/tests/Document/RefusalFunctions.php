<?php

declare(strict_types=1);

use OpenBaton\Core\Document\DocumentError;

/** @return list<array{string, string}> pointer and reason of each fault */
function faultsOf(Closure $read): array
{
    try {
        $read();
    } catch (DocumentError $error) {
        return array_map(static fn($fault): array => [$fault->pointer, $fault->reason], $error->faults);
    }

    return [];
}
