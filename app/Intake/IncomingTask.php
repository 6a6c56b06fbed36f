<?php

declare(strict_types=1);

namespace App\Intake;

use App\Bridge\KnownCustomer;
use App\Bridge\KnownKind;
use OpenBaton\Core\Routing\DueSet;
use OpenBaton\Core\Routing\Effect;
use OpenBaton\Core\Routing\PrioritySet;
use OpenBaton\Core\Routing\TagAdded;
use OpenBaton\Core\Workload\Priority;

/** A task that is to be taken in, checked. */
final readonly class IncomingTask
{
    /**
     * @param int|null             $startsAt instant before which nobody can work on it
     * @param int|null             $dueAt    instant
     * @param array<string, mixed> $facts values of the house's own fields, as in documents, by path
     * @param list<string>         $tags
     */
    public function __construct(
        public string $title,
        public KnownKind $kind,
        public string $source,
        public ?string $description = null,
        public ?KnownCustomer $customer = null,
        public ?string $contact = null,
        public Priority $priority = Priority::Normal,
        public ?int $estimateMinutes = null,
        public ?int $startsAt = null,
        public ?int $dueAt = null,
        public array $facts = [],
        public array $tags = [],
    ) {}
    /**
     * As the effects of a decision leave it.
     *
     * @param list<Effect> $effects
     */
    public function after(array $effects): self
    {
        [$priority, $dueAt, $tags] = [$this->priority, $this->dueAt, $this->tags];
        foreach ($effects as $effect) {
            match (true) {
                $effect instanceof DueSet => $dueAt = $effect->dueAt,
                $effect instanceof PrioritySet => $priority = $effect->priority,
                $effect instanceof TagAdded => $tags[] = $effect->tag,
                default => null,
            };
        }

        return new self(
            $this->title,
            $this->kind,
            $this->source,
            $this->description,
            $this->customer,
            $this->contact,
            $priority,
            $this->estimateMinutes,
            $this->startsAt,
            $dueAt,
            $this->facts,
            array_values(array_unique($tags)),
        );
    }
}
