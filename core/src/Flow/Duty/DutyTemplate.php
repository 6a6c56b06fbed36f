<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Text\MergedText;

/** The task that a duty makes. */
final readonly class DutyTemplate
{
    /**
     * @param string          $taskKind  code
     * @param int|null        $estimate  minutes; null: what the kind usually takes
     * @param string|null     $checklist code
     * @param string|null     $customer  code
     * @param Give|null       $give      to whom it is given; null: the rulebook says
     * @param list<string>    $tags
     */
    public function __construct(
        public string $taskKind,
        public MergedText $title,
        public ?MergedText $details = null,
        public ?int $estimate = null,
        public ?string $checklist = null,
        public ?string $customer = null,
        public ?Give $give = null,
        public array $tags = [],
    ) {}
}
