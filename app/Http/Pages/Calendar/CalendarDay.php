<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Bridge\Snapshot;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\TaskLine;
use App\Models\Tasks\Task;
use OpenBaton\Core\Time\LocalDate;

/** One day beside the calendar: what is due, what was done, who is away. Its type is in CalendarPage.ts. */
final readonly class CalendarDay
{
    private const MOST = 100;

    public function __construct(
        private CalendarScope $scope,
        private CalendarPeriod $period,
        private Snapshot $house,
    ) {}

    /** @return array<string, mixed> */
    public function of(LocalDate $date): array
    {
        $away = new AwayDays($this->house, $this->scope->people, $date, $date, $this->period->zone);
        $due = $this->on($date, 'due_at', true);
        $done = $this->on($date, 'completed_at', false);

        return [
            'date' => $date->format(),
            'off' => $away->ofHouse($date) !== 'works',
            'due' => $due,
            'done' => $done,
            'most' => self::MOST,
            'away' => CalendarCells::named($away->on($date)),
        ];
    }

    /**
     * @param 'due_at'|'completed_at' $by
     *
     * @return list<array<string, mixed>> TaskLines with who has them
     */
    private function on(LocalDate $date, string $by, bool $open): array
    {
        return array_values(
            (new DatedTasks($by, [$date], $this->period->zone))
                ->within($this->scope->tasks($open), $date, $date)
                ->with(['kind', 'customer', 'assignee'])
                ->orderBy($by)
                ->orderBy('number')
                ->limit(self::MOST)
                ->get()
                ->map(
                    static fn(Task $one): array => TaskLine::of($one) + ['holder' => PersonRef::orNull($one->assignee)],
                )
                ->all(),
        );
    }
}
