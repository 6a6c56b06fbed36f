<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

/** From one place of the map to another. */
final readonly class MapArrow
{
    /**
     * @param string $from id of a node, as is $to
     */
    public function __construct(public string $from, public string $to, public ArrowKind $kind) {}

    public function key(): string
    {
        return "{$this->kind->value} {$this->from} {$this->to}";
    }
}
