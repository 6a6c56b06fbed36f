<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\People\Unavailability;

/** One person who was asked on the way to a substitute, and why they could not. */
final readonly class CoverStep
{
    /**
     * @param list<Unavailability> $reasons  empty for the person who was found
     * @param int|null      $awayUntil the end of the absence that stood against it
     */
    public function __construct(public string $personId, public array $reasons, public ?int $awayUntil) {}
}
