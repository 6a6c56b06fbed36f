<?php

declare(strict_types=1);

namespace App\Intake;

use App\Fields\KnownCustomer;
use App\Fields\KnownKind;
use App\Fields\TaskContent;
use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Workload\Priority;

/** A task that is to be taken in, checked. */
final readonly class IncomingTask
{
    /**
     * @param int|null             $startsAt instant before which nobody can work on it
     * @param int|null             $dueAt    instant
     * @param array<array-key, mixed> $facts    values of the house's own fields, as in documents, by path
     * @param list<string>         $tags     each once
     * @param string|null          $caseId   of the case that it belongs to
     * @param bool                 $needed   for the stage in which that stands; its kind may say so too
     * @param OfDuty|null          $duty     that it is one of
     * @param OwnWay|null          $own      what it brings with it from what makes it
     */
    public function __construct(
        public string $title,
        public KnownKind $kind,
        public TaskSource $source,
        public ?string $description = null,
        public ?KnownCustomer $customer = null,
        public ?string $contact = null,
        public Priority $priority = Priority::Normal,
        public ?int $estimateMinutes = null,
        public ?int $startsAt = null,
        public ?int $dueAt = null,
        public array $facts = [],
        public array $tags = [],
        public ?string $caseId = null,
        public bool $needed = false,
        public ?OfDuty $duty = null,
        public ?OwnWay $own = null,
    ) {}

    public function content(): TaskContent
    {
        return new TaskContent(
            $this->title,
            $this->kind,
            $this->source,
            $this->customer,
            $this->facts,
            $this->duty?->slug,
        );
    }
}
