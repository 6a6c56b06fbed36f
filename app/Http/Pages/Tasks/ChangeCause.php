<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Models\Tasks\TaskChange;
use App\Words\Words;

/** On account of what something has changed, where the decision on something else brought it about. */
final class ChangeCause
{
    private const ABOUT = ['task_id', 'case_id', 'customer_id'];

    /** @return string|null null: it is its own doing, or that of a person */
    public static function words(TaskChange $change, Words $words): ?string
    {
        $cause = $change->causedBy;

        return match (true) {
            $cause === null, $cause->only(self::ABOUT) === $change->only(self::ABOUT) => null,
            $cause->case !== null => $words->say('history.because_of_case', ['number' => $cause->case->number]),
            $cause->customer !== null => $words->say('history.because_of_customer', ['name' => $cause->customer->name]),
            $cause->task !== null => $words->say('history.because', ['number' => $cause->task->number]),
            default => $words->say('history.because_of_house'),
        };
    }
}
