<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Pool;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Parameter\ListOf;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Parameter\PersonReference;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Rulebook\Family;

/** A pool in which the turns of some people weigh more, or less, than they do in it otherwise. */
final readonly class Weighted implements Pool
{
    /**
     * @param list<string> $people
     * @param int          $weight of their turns, in hundredths of a full one
     */
    public function __construct(public Pool $pool, public array $people, public int $weight) {}

    public static function kind(): string
    {
        return 'weighted';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('pool', new PartOf(Family::Pool)),
            Parameter::required('people', new ListOf(new PersonReference())),
            Parameter::required('weight', new WholeNumber(1, Membership::MOST_WEIGHT)),
        ];
    }

    public function members(Roster $roster, Facts $facts): array
    {
        return array_map(
            fn(Membership $member): Membership => in_array($member->personId, $this->people, true)
                ? new Membership($member->personId, $this->weight)
                : $member,
            $this->pool->members($roster, $facts),
        );
    }

    public function namesOne(): bool
    {
        return $this->pool->namesOne();
    }
}
