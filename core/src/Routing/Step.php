<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\People\Membership;

/** One narrowing of the pool. */
final readonly class Step
{
    /** Those who were there before the limits, once more, since a limit is dropped. */
    public const AGAIN = 'again';

    /** Those who are there, and the substitutes of those who are not. */
    public const SUBSTITUTES = 'substitutes';

    /** Steps after which there are people who were not there before: who is kept is recorded of them. */
    public const GROWING = ['cover', self::AGAIN, self::SUBSTITUTES];

    /**
     * @param string           $code     pool, cover, present, substitutes, again, or the kind of a limit
     * @param list<Membership> $kept
     * @param list<Exclusion> $excluded of those who were kept by the step before; whoever is outside of the pool is not
     *     listed
     */
    public function __construct(public string $code, public array $kept, public array $excluded = []) {}

    public function keeps(string $personId): bool
    {
        return $this->keepsAll([$personId]);
    }

    /** @param list<string> $personIds none of them: nobody is kept */
    public function keepsAll(array $personIds): bool
    {
        return $personIds !== [] && array_diff($personIds, $this->ids()) === [];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return Membership::ids($this->kept);
    }
}
