<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\Document\Part;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Workload\LoadView;

/** A bound that a rule sets on whom it takes. */
interface Limit extends Part
{
    /**
     * Why the person is ruled out, as figures of the trace; null where they are not.
     *
     * @return array<string, int|string|null>|null
     */
    public function refusal(Person $person, LoadView $load): ?array;

    /** Whether it looks at what people have in hand. */
    public function looksAtWork(): bool;
}
