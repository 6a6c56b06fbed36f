<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\Part;
use OpenBaton\Core\Workload\LoadView;

/** A bound that a rule sets on whom it takes. */
interface Limit extends Part
{
    /** @return list<Input> */
    public static function inputs(): array;

    /**
     * Why the person is ruled out, as figures of the trace; null where they are not.
     *
     * @return array<string, int|string|null>|null
     */
    public function refusal(Person $person, LoadView $load): ?array;
}
