<?php

declare(strict_types=1);

namespace App\DomainEvents;

use Carbon\CarbonImmutable;

/** A domain event with when it happened, to what, and by whom. */
final readonly class HandedEvent
{
    /**
     * @param string|null $userId null: nobody who was signed in
     * @param string|null $chain  the same for all that was written with one change
     */
    public function __construct(
        public int $id,
        public CarbonImmutable $at,
        public About $about,
        public ?string $userId,
        public DomainEvent $event,
        public ?string $chain = null,
    ) {}
}
