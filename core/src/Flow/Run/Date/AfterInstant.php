<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Date;

use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\Step\WaitFor;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Time\WorkingSpan;

/** So much working time after an instant of the run. */
abstract readonly class AfterInstant implements StepDate
{
    final public function __construct(public WorkingSpan $span) {}

    public static function parameters(): array
    {
        return [Parameter::required('span', new WorkingSpanType())];
    }

    public function hangsOn(): ?string
    {
        return null;
    }

    public function instant(string $step, Run $run, RunMoment $moment): ?int
    {
        $since = $this->since($step, $run);

        return $since === null ? null : WaitFor::after($this->span, $since, $moment);
    }

    abstract protected function since(string $step, Run $run): ?int;
}
