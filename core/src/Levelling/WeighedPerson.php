<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What somebody's tasks come to, and when they will be done with each. */
final readonly class WeighedPerson
{
    /**
     * @param array<array-key, int|null> $finishes instant by task; null: not within three months
     * @param int|null                   $overFrom instant at which the first late task is due; null: none is
     */
    public function __construct(public Strain $strain, public array $finishes, public ?int $overFrom) {}
}
