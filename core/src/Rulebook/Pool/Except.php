<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\PartList;
use OpenBaton\Core\People\Roster;

/** Whoever is in one pool and not in another ("not the one who did the work"). */
final readonly class Except implements Pool
{
    public function __construct(public Pool $pool, public Pool $without) {}

    public static function kind(): string
    {
        return 'except';
    }

    public static function read(Node $node): static
    {
        return new self(
            PartList::read($node->get('pool'), PartList::POOLS),
            PartList::read($node->get('without'), PartList::POOLS),
        );
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'pool' => $this->pool->write(), 'without' => $this->without->write()];
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        return [
            ...$this->pool->faults($roster, $catalogue, "{$pointer}/pool"),
            ...$this->without->faults($roster, $catalogue, "{$pointer}/without"),
        ];
    }

    public function seats(Roster $roster, Facts $facts): array
    {
        $out = [];
        foreach ($this->without->seats($roster, $facts) as $seat) {
            $out[$seat->personId] = true;
        }
        $seats = [];
        foreach ($this->pool->seats($roster, $facts) as $seat) {
            if (! isset($out[$seat->personId])) {
                $seats[] = $seat;
            }
        }

        return $seats;
    }

    public function namesOne(): bool
    {
        return false;
    }
}
