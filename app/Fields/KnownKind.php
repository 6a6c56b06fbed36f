<?php

declare(strict_types=1);

namespace App\Fields;

/** A kind of task as decisions and documents see it. */
final readonly class KnownKind
{
    /**
     * @param int                     $usualMinutes the effort that it usually takes
     * @param array<array-key, mixed> $defaults     values that tasks of it begin with, as in documents, by path
     */
    public function __construct(
        public string $id,
        public string $slug,
        public string $name,
        public int $usualMinutes,
        public array $defaults = [],
    ) {}
}
