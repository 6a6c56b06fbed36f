<?php

declare(strict_types=1);

namespace App\Fields;

use App\Models\Tasks\TaskSource;

/** What a task is about, apart from its state. */
final readonly class TaskContent
{
    /**
     * @param array<array-key, mixed> $facts values of the house's own fields, as in documents, by path
     * @param string|null             $duty  that it is one of, by slug
     */
    public function __construct(
        public string $title,
        public ?KnownKind $kind,
        public TaskSource $source,
        public ?KnownCustomer $customer,
        public array $facts,
        public ?string $duty = null,
    ) {}
}
