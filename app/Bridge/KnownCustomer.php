<?php

declare(strict_types=1);

namespace App\Bridge;

/** A customer as decisions see them, with where they are and who answers for it there. */
final readonly class KnownCustomer
{
    /**
     * @param string|null $region      by slug
     * @param string|null $district    by slug
     * @param string|null $responsible by slug; of the nearest place that has one, up the tree
     * @param string|null $deputy      by slug; likewise
     */
    public function __construct(
        public string $id,
        public string $slug,
        public string $name,
        public string $tier,
        public ?string $region,
        public ?string $district,
        public ?string $responsible,
        public ?string $deputy,
    ) {}
}
