<?php

declare(strict_types=1);

namespace App\DomainEvents;

use Carbon\CarbonImmutable;

/** A domain event with when it happened, to which task, and by whom. */
final readonly class HandedEvent
{
    /**
     * @param string|null $taskId null: it is of no task
     * @param string|null $userId null: nobody who was signed in
     * @param string|null $chain  the same for all that was written with one change
     */
    public function __construct(
        public int $id,
        public CarbonImmutable $at,
        public ?string $taskId,
        public ?string $userId,
        public DomainEvent $event,
        public ?string $chain = null,
    ) {}
}
