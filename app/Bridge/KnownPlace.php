<?php

declare(strict_types=1);

namespace App\Bridge;

/** A place of the tree, with who answers for it; people by slug. */
final readonly class KnownPlace
{
    public function __construct(
        public string $slug,
        public string $name,
        public string $level,
        public ?string $parentId,
        public ?string $responsible,
        public ?string $deputy,
    ) {}
}
