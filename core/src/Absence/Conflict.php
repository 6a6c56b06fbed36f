<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Time\Span;

/** Something about an absence that a lead should know before it is approved. */
final readonly class Conflict
{
    /**
     * @param string|null $personId the substitute whom it is about
     * @param Span|null   $span     of the absence, where the substitute is away too
     */
    public function __construct(
        public ConflictKind $kind,
        public ?string $personId = null,
        public ?Span $span = null,
    ) {}
}
