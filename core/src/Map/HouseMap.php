<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

/** The places of a house and what leads from which to which by what is defined. */
final readonly class HouseMap
{
    /**
     * @param array<string, MapNode>  $nodes  by id; whatever lies in a group comes after it
     * @param array<string, MapArrow> $arrows by MapArrow::key()
     */
    public function __construct(public array $nodes, public array $arrows) {}

    /** @return string|null id of the node in which it lies; null: in none, or it is not on the map */
    public function groupOf(string $id): ?string
    {
        return ($this->nodes[$id] ?? null)?->group;
    }
}
