<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\FollowUp\FollowUp;
use OpenBaton\Core\Rulebook\FollowUp\StepAct;

/** Does something to the subject of the run at once, as a rule would. */
final readonly class ActStep implements StepKind
{
    public function __construct(public FollowUp $act) {}

    public static function kind(): string
    {
        return 'act';
    }

    public static function parameters(): array
    {
        return [Parameter::required('act', new PartOf(Family::FollowUp, StepAct::class))];
    }

    public function datesHangOn(): array
    {
        return [];
    }
}
