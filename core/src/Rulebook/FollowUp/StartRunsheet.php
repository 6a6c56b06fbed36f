<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\RunsheetReference;
use OpenBaton\Core\Rulebook\HouseToo;
use OpenBaton\Core\Rulebook\WorkOnly;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Effect\RunStarted;

/** Starts a runsheet on the task or the case; while a run of it goes on there, that is all there is to it. */
final readonly class StartRunsheet implements ActsBeyond, WorkOnly, HouseToo
{
    /** @param string $runsheet key */
    public function __construct(public string $runsheet) {}

    public static function kind(): string
    {
        return 'start_runsheet';
    }

    public static function parameters(): array
    {
        return [Parameter::required('runsheet', new RunsheetReference())];
    }

    public function effect(Situation $situation): Effect
    {
        return new RunStarted($situation->subject->id, $this->runsheet, $situation->ruleId);
    }
}
