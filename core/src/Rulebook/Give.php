<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Pool\Pool;

/** To whom a rule gives: of a pool, by a method, within limits, and what it does where that finds nobody. */
final readonly class Give
{
    /** @param list<Limit> $limits in the order in which they narrow the pool */
    public function __construct(
        public Pool $pool,
        public Method $method,
        public array $limits,
        public Otherwise $otherwise,
    ) {}

    /** Whether it looks at what people have in hand. */
    public function looksAtWork(): bool
    {
        foreach ($this->limits as $limit) {
            if ($limit->looksAtWork()) {
                return true;
            }
        }

        return $this->method->looksAtWork();
    }
}
