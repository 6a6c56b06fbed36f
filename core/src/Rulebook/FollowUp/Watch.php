<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PartOf;
use OpenBaton\Core\People\Membership;
use OpenBaton\Core\Rulebook\Family;
use OpenBaton\Core\Rulebook\Pool\Pool;
use OpenBaton\Core\Rulebook\WorkOnly;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\Watched;

/** Lets people watch the task. */
final readonly class Watch implements WorkOnly, StepAct
{
    public function __construct(public Pool $watchers) {}

    public static function kind(): string
    {
        return 'watch';
    }

    public static function parameters(): array
    {
        return [Parameter::required('watchers', new PartOf(Family::Pool))];
    }

    public function effect(Situation $situation): ?Effect
    {
        $people = Membership::ids($this->watchers->members($situation->roster, $situation->facts()));

        return $people === [] ? null : new Watched($people);
    }
}
