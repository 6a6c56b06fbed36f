<?php

declare(strict_types=1);

namespace App\Duties;

use App\Models\Duties\Duty;
use App\Models\Tasks\Task;
use OpenBaton\Core\Flow\Duty\DutyLedger;
use OpenBaton\Core\Time\LocalDate;

/** What has become of a duty so far, from its rows. */
final class DutyLedgers
{
    public static function of(Duty $row): DutyLedger
    {
        $through = LocalDate::parse($row->through->format('Y-m-d'));
        $dates = [];
        foreach (
            $row
                ->dates()
                ->where('key', '>', $row->through)
                ->get(['date'])
            as $date
        ) {
            $dates[LocalDate::parse($date->date->format('Y-m-d'))->day] = true;
        }
        $ended = $row
            ->tasks()
            ->whereNotNull('completed_at')
            ->orderByDesc('completed_at')
            ->first(['completed_at']);

        return new DutyLedger(
            $through,
            (int) $row->made,
            array_values(
                $row
                    ->tasks()
                    ->open()
                    ->orderBy('id')
                    ->get(['id'])
                    ->map(static fn(Task $task): string => $task->id)
                    ->all(),
            ),
            $ended?->completed_at?->getTimestamp(),
            $dates,
        );
    }
}
