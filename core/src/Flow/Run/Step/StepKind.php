<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Rulebook\Part;

/** What a step does. */
interface StepKind extends Part
{
    /** @return list<string> keys of the steps on whose end its dates hang */
    public function datesHangOn(): array;
}
