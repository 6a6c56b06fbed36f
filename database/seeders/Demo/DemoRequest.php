<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Document\Node;

/** Something that somebody asks the house for. */
final readonly class DemoRequest
{
    /** @param array<string, mixed> $document as another system would send it */
    public function __construct(
        public TaskSource $source,
        public string $kind,
        public ?int $estimateMinutes,
        private array $document,
    ) {}

    public function document(): Node
    {
        return Node::root($this->document);
    }
}
