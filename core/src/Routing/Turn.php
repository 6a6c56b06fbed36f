<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** A turn in a rotation: whose it was, and who came before them, but could not take it. */
final readonly class Turn
{
    /**
     * @param string|null     $inPlaceOf  whose turn they took, since that one is away
     * @param list<Exclusion> $passedOver the longest due first
     */
    public function __construct(
        public string $rotation,
        public string $personId,
        public ?string $inPlaceOf,
        public array $passedOver,
    ) {}
}
