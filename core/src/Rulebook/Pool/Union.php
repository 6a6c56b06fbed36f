<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Family;

/** Whoever is in one of several pools; a person in more than one counts where they come first. */
final readonly class Union implements Pool
{
    /** @param non-empty-list<Pool> $pools */
    public function __construct(public array $pools) {}

    public static function kind(): string
    {
        return 'union';
    }

    public static function parameters(): array
    {
        return [Parameter::required('pools', new ListOf(new PartOf(Family::Pool)))];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        $members = [];
        foreach ($this->pools as $pool) {
            foreach ($pool->members($roster, $facts) as $member) {
                $members[$member->personId] ??= $member;
            }
        }

        return array_values($members);
    }

    public function namesOne(): bool
    {
        return count($this->pools) === 1 && $this->pools[0]->namesOne();
    }
}
