<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

/** How a wait stands at a moment. */
final readonly class Waiting
{
    /**
     * @param bool     $late what it waited for has not come before its latest moment
     * @param int|null $wakesAt instant at which it is over at the latest, as far as that is known
     */
    public function __construct(public bool $isOver, public bool $late, public ?int $wakesAt) {}

    /**
     * @param bool     $holds   what it waits for has come
     * @param int|null $comesAt instant at which it comes
     * @param int|null $latest  instant
     */
    public static function at(int $now, bool $holds, ?int $comesAt, ?int $latest): self
    {
        $instants = array_filter([$comesAt, $latest], is_int(...));
        $late = !$holds && $latest !== null && $now >= $latest;

        return new self($holds || $late, $late, $instants === [] ? null : min($instants));
    }
}
