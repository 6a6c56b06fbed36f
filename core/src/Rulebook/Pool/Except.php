<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Family;

/** Whoever is in one pool and not in another ("not the one who did the work"). */
final readonly class Except implements Pool
{
    public function __construct(public Pool $pool, public Pool $without) {}

    public static function kind(): string
    {
        return 'except';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('pool', new PartOf(Family::Pool)),
            Parameter::required('without', new PartOf(Family::Pool)),
        ];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $excluded = [];
        foreach ($this->without->members($roster, $facts) as $member) {
            $excluded[$member->personId] = true;
        }

        return array_values(
            array_filter(
                $this->pool->members($roster, $facts),
                static fn(Membership $member): bool => !isset($excluded[$member->personId]),
            ),
        );
    }

    public function namesOne(): bool
    {
        return false;
    }
}
