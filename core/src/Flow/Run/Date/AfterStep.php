<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Date;

use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Step\WaitFor;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\StepReference;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Time\WorkingSpan;

/** So much working time after another step was settled; not known before. */
final readonly class AfterStep implements StepDate
{
    /** @param string $step key */
    public function __construct(public string $step, public WorkingSpan $span) {}

    public static function kind(): string
    {
        return 'after_step';
    }

    public static function parameters(): array
    {
        return [Parameter::required('step', new StepReference()), Parameter::required('span', new WorkingSpanType())];
    }

    public function hangsOn(): string
    {
        return $this->step;
    }

    public function instant(string $step, Run $run, RunMoment $moment): ?int
    {
        $since = $run->of($this->step)->settledAt;

        return $since === null ? null : WaitFor::after($this->span, $since, $moment);
    }
}
