<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\People\Membership;

/** One narrowing of the pool. */
final readonly class Step
{
    /**
     * @param string           $code    pool, cover, present, or the kind of a limit
     * @param list<Membership> $kept
     * @param list<FallOut>    $fallen  at the step "pool" those outside it are not listed, they are whoever is not kept
     */
    public function __construct(public string $code, public array $kept, public array $fallen = []) {}
}
