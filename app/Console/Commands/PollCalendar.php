<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Absences\PersonnelCalendar;
use App\Models\House\House;
use Illuminate\Console\Command;

/** Asks the calendar of the personnel office who is away. */
final class PollCalendar extends Command
{
    protected $signature = 'baton:poll-calendar';

    protected $description = 'Take absences from the calendar of the personnel office';

    public function handle(PersonnelCalendar $calendar): int
    {
        if (House::query()->doesntExist()) {
            return 0;
        }
        $report = $calendar->poll();
        $this->line($report['problem'] ?? json_encode($report['counts'], JSON_THROW_ON_ERROR));

        return $report['problem'] === null ? 0 : 1;
    }
}
