<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\PartList;
use OpenBaton\Core\People\Roster;

/** Whoever is in one of several pools; a person in more than one counts where they come first. */
final readonly class Union implements Pool
{
    /** @param list<Pool> $pools */
    public function __construct(public array $pools) {}

    public static function kind(): string
    {
        return 'union';
    }

    public static function read(Node $node): static
    {
        $pools = array_map(static fn(Node $item): Pool => PartList::read($item, PartList::POOLS), $node->get('pools')->items());

        return new self($pools === [] ? throw $node->get('pools')->fail('Give at least one pool.') : $pools);
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'pools' => array_map(static fn(Pool $pool): array => $pool->write(), $this->pools)];
    }

    public function faults(Roster $roster, FieldCatalogue $catalogue, string $pointer): array
    {
        $faults = [];
        foreach ($this->pools as $index => $pool) {
            $faults = [...$faults, ...$pool->faults($roster, $catalogue, "{$pointer}/pools/{$index}")];
        }

        return $faults;
    }

    public function seats(Roster $roster, Facts $facts): array
    {
        $seats = [];
        foreach ($this->pools as $pool) {
            foreach ($pool->seats($roster, $facts) as $seat) {
                $seats[$seat->personId] ??= $seat;
            }
        }

        return array_values($seats);
    }

    public function namesOne(): bool
    {
        return count($this->pools) === 1 && $this->pools[0]->namesOne();
    }
}
