<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Workload\LoadView;

/** Keeps away from anyone whose absence begins before their load plan finishes the task. */
final readonly class NoAbsenceBeforeFinish implements TaskOnly, Limit
{
    use NoParameters;

    public static function kind(): string
    {
        return 'no_absence_before_finish';
    }

    public static function inputs(): array
    {
        return [Input::Work];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $away = $load->nextAbsence($person->id);
        if ($away === null) {
            return null;
        }
        $finish = $load->finishWith($person->id);

        return $finish !== null && $finish <= $away ? null : ['away_at' => $away, 'finish_at' => $finish];
    }
}
