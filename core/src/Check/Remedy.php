<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** What can be done about a finding at a press. */
final readonly class Remedy
{
    /** @param string $at id of a rule, or a pointer into the document of the rule, as the kind asks for */
    public function __construct(public RemedyKind $kind, public string $at) {}
}
