<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** Somebody who was excluded from the pool at a step, and why. */
final readonly class Exclusion
{
    /**
     * @param list<string>                   $reasons codes; all that held at this step
     * @param array<string, int|string|null> $figures
     */
    public function __construct(public string $personId, public array $reasons, public array $figures = []) {}
}
