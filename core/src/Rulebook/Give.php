<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

use OpenBaton\Core\Rulebook\Limit\Limit;
use OpenBaton\Core\Rulebook\Method\Method;
use OpenBaton\Core\Rulebook\Otherwise\DropLimit;
use OpenBaton\Core\Rulebook\Otherwise\Otherwise;
use OpenBaton\Core\Rulebook\Pool\Pool;

/** To whom a rule gives: of a pool, by a method, within limits, and what it does where that finds nobody. */
final readonly class Give
{
    /**
     * @param list<Limit> $limits in the order in which they narrow the pool
     * @param bool        $anew   whoever is in the seat does not keep it for being eligible
     * @param bool        $substitutes whoever is absent is replaced by their substitute, rather than skipped
     */
    public function __construct(
        public Pool $pool,
        public Method $method,
        public array $limits,
        public Otherwise $otherwise,
        public SeatName $seat = SeatName::Holder,
        public bool $anew = false,
        public bool $substitutes = false,
    ) {}

    /** @return list<Limit>|null the limits but those that its otherwise drops; null: it drops none */
    public function otherLimits(): ?array
    {
        if (!($this->otherwise instanceof DropLimit)) {
            return null;
        }
        $dropped = $this->otherwise->limit;
        $others = array_filter($this->limits, static fn(Limit $one): bool => $one::kind() !== $dropped);

        return count($others) === count($this->limits) ? null : array_values($others);
    }

    public function looksAt(Input $input): bool
    {
        foreach ([$this->method, ...$this->limits] as $part) {
            if (in_array($input, $part::inputs(), true)) {
                return true;
            }
        }

        return false;
    }
}
