<?php

declare(strict_types=1);

namespace App\Actions;

use Carbon\CarbonImmutable;
use OpenBaton\Core\Absence\AbsenceKind;

/** What somebody asks for: from when until when, why, and who stands in. */
final readonly class AbsenceTerms
{
    /**
     * @param string|null  $firstDay YYYY-MM-DD, of whole days; else null, as the last one is
     * @param list<string> $substitutes slugs, asked in this order
     */
    public function __construct(
        public AbsenceKind $kind,
        public ?string $firstDay,
        public ?string $lastDay,
        public ?CarbonImmutable $from = null,
        public ?CarbonImmutable $to = null,
        public ?string $note = null,
        public array $substitutes = [],
    ) {}
}
