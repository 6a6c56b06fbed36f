<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

use OpenBaton\Core\Rulebook\Pool\Pool;

/** A place on the map of the house. */
final readonly class MapNode
{
    public string $id;

    /**
     * @param string            $key   of what it is, such as the slug of a team
     * @param string            $name  as the house has named it; empty where that follows from its kind or its pool
     * @param string|null       $group id of the node in which it lies
     * @param list<string>|null $can   ids of the active people to whom it may be given, whoever is away or full; null:
     *     the rules or the task say
     */
    public function __construct(
        public NodeKind $kind,
        public string $key,
        public string $name = '',
        public ?string $group = null,
        public ?array $can = null,
        public ?Pool $pool = null,
    ) {
        $this->id = self::idOf($kind, $key, $group);
    }

    public static function idOf(NodeKind $kind, string $key, ?string $group = null): string
    {
        return match (true) {
            $group !== null => "{$group}/{$key}",
            $key === '' => $kind->value,
            default => "{$kind->value}.{$key}",
        };
    }
}
