<?php

declare(strict_types=1);

namespace App\Fields;

/** A customer as decisions see them, with where they are and who answers for it there. */
final readonly class KnownCustomer
{
    /**
     * @param array<string, string> $at slug of the place at each level of the tree
     * @param string|null $responsible by slug; of the nearest place that has one, up the tree
     * @param string|null $deputy      by slug; likewise
     * @param string|null             $owner who looks after them, by slug
     * @param array<array-key, mixed> $facts values of the house's own fields, as in documents, by path
     * @param list<string>            $tags
     * @param int                     $addedAt instant; 0: it is not known
     */
    public function __construct(
        public string $id,
        public string $slug,
        public string $name,
        public ?string $tier,
        public array $at,
        public ?string $responsible,
        public ?string $deputy,
        public ?string $owner = null,
        public array $facts = [],
        public array $tags = [],
        public int $addedAt = 0,
    ) {}
}
