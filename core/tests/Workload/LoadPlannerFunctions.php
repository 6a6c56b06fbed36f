<?php

declare(strict_types=1);

use OpenBaton\Core\People\Capacity;
use OpenBaton\Core\Tests\Support\Build;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;

// Monday 2 March 2026, 09:00 UTC; eight hours a day, Monday to Friday.
function planned(
    array $items,
    string $now = '2026-03-02 09:00',
    ?Capacity $capacity = null,
    ?WorkingHours $presence = null,
    bool $toTheEnd = false,
): LoadPlan {
    $hours = Build::calendar();

    return LoadPlanner::plan(
        $hours,
        $presence ?? $hours,
        $capacity ?? Capacity::percent(100),
        $items,
        Build::at($now),
        5,
        $toTheEnd,
    );
}
