<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Date;

use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Rulebook\Part;

/** When a step starts or is due; it never holds the step up. */
interface StepDate extends Part
{
    /** @return string|null key of the step on whose end it hangs */
    public function hangsOn(): ?string;

    /**
     * @param string $step key of the step that has it
     *
     * @return int|null instant; null: it is not known yet
     */
    public function instant(string $step, Run $run, RunMoment $moment): ?int;
}
