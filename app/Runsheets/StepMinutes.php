<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\Bridge\Snapshot;
use OpenBaton\Core\Flow\ApprovalTask;
use OpenBaton\Core\Flow\Run\Runsheet;
use OpenBaton\Core\Flow\Run\Step;
use OpenBaton\Core\Flow\Run\Step\TaskStep;

/** How long steps are expected to take. */
final class StepMinutes
{
    /** @return array<string, int> minutes of working time by key: what the step says, else what its kind takes */
    public static function of(Runsheet $sheet, Snapshot $house): array
    {
        $usual = static fn(string $kind): int => $house->kindNamed($kind)->usualMinutes ?? 0;

        return array_map(
            static fn(Step $step): int => $step->does instanceof TaskStep
                ? $step->does->estimate ?? $usual($step->does->taskKind)
                : $usual(ApprovalTask::KIND),
            $sheet->steps(),
        );
    }
}
