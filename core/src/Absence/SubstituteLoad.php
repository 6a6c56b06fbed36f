<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\LoadPlan;

/** How loaded somebody is without what a cover plan gives them, and with it. */
final readonly class SubstituteLoad
{
    /** Both of the same days. */
    public function __construct(public string $personId, public LoadPlan $before, public LoadPlan $after) {}

    /** @return list<LocalDate> days by whose end more is left undone that is due than without it */
    public function overOn(): array
    {
        $over = [];
        foreach ($this->after->days as $index => $day) {
            if ($day->late > $this->before->days[$index]->late) {
                $over[] = $day->date;
            }
        }

        return $over;
    }
}
