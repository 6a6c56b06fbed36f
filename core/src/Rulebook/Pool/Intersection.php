<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Family;

/** Whoever is in all of several pools, in the order and with the weights of the first. */
final readonly class Intersection implements Pool
{
    /** @param non-empty-list<Pool> $pools */
    public function __construct(public array $pools) {}

    public static function kind(): string
    {
        return 'intersection';
    }

    public static function parameters(): array
    {
        return [Parameter::required('pools', new ListOf(new PartOf(Family::Pool), all: true))];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $members = $this->pools[0]->members($roster, $facts);
        foreach (array_slice($this->pools, 1) as $pool) {
            $others = array_fill_keys(Membership::ids($pool->members($roster, $facts)), true);
            $members = array_filter($members, static fn(Membership $member): bool => isset($others[$member->personId]));
        }

        return array_values($members);
    }

    public function namesOne(): bool
    {
        return count($this->pools) === 1 && $this->pools[0]->namesOne();
    }
}
