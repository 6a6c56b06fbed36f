<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

/** Something on a map that is worth a look. */
final readonly class MapFinding
{
    /**
     * @param string      $node   id of the node that it is about
     * @param string|null $person id of whom it is about
     */
    public function __construct(
        public MapFindingKind $kind,
        public string $node,
        public Counted $counted,
        public ?string $person = null,
    ) {}
}
