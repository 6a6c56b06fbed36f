<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Workload\LoadView;

/** Whoever is within their working hours, and not absent, at the moment of the event. */
final readonly class OnNow implements Limit
{
    use NoParameters;

    public static function kind(): string
    {
        return 'on_now';
    }

    public static function inputs(): array
    {
        return [];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        return $load->isOn($person->id) ? null : [];
    }
}
