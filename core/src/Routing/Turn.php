<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

use OpenBaton\Core\People\Membership;

/** A turn in a rotation: whose it was, and who came before them, but could not take it. */
final readonly class Turn
{
    /**
     * @param string|null     $inPlaceOf  whose turn they took, since that one is away
     * @param list<Exclusion> $passedOver the longest due first
     * @param Membership|null $member     they, as they sit in it
     */
    public function __construct(
        public string $rotation,
        public string $personId,
        public ?string $inPlaceOf,
        public array $passedOver,
        public ?Membership $member = null,
    ) {}
}
