<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Flow\CaseView;

/** An approval was given in this stay in the stage; where it is asked for, whoever is asked next is told. */
final readonly class ApprovalGiven implements Gate
{
    /** @param string $approval key */
    public function __construct(private string $approval) {}

    public static function kind(): string
    {
        return 'approval_given';
    }

    public function missing(CaseView $case, string $stage): array
    {
        return $case->isApproved($this->approval)
            ? []
            : [new Missing(self::kind(), $this->approval, $case->askedFor($this->approval))];
    }
}
