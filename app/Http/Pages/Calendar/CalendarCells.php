<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Bridge\Snapshot;
use App\Http\Pages\Moment;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\People\Person;

/** The days of a month: what is due and was done on each, who is away, how full it is. Typed in CalendarPage.ts. */
final readonly class CalendarCells
{
    /** Titles that a day has room for. */
    private const TITLES = 3;

    private const NAMES = 2;

    /** People up to whom it is worked out how full their days are. */
    private const PLANNED = 60;

    public function __construct(
        private CalendarScope $scope,
        private CalendarPeriod $period,
        private Snapshot $house,
    ) {}

    /** @return list<list<array<string, mixed>>> weeks of cells */
    public function weeks(): array
    {
        $due = new DatedTasks('due_at', $this->period->dates, $this->period->zone);
        $open = $this->scope->tasks(true);
        $counts = $due->counts($open);
        $firsts = $due->firsts($open, $counts, self::TITLES);
        $lateToday = $due
            ->within($open->clone(), $this->period->today, $this->period->today)
            ->where('due_at', '<', CarbonImmutable::createFromTimestampUTC($this->period->now))
            ->count();
        $done = (new DatedTasks('completed_at', $this->period->dates, $this->period->zone))->counts(
            $this->scope->tasks(false),
        );
        $away = new AwayDays(
            $this->house,
            $this->scope->people,
            $this->period->first(),
            $this->period->last(),
            $this->period->zone,
        );
        $load =
            $this->scope->showsLoad() && count($this->scope->people) <= self::PLANNED
                ? new CalendarLoad($this->house, $this->scope->people, $this->period->last(), $this->period->now)
                : null;
        $cells = [];
        foreach ($this->period->dates as $date) {
            $absent = $away->on($date);
            $cells[] = [
                'date' => $date->format(),
                'state' => $this->scope->isOne()
                    ? $away->stateOf($this->scope->people[0], $date)
                    : $away->ofHouse($date),
                'due' => $counts[$date->day] ?? 0,
                'late' => match (true) {
                    $date->day < $this->period->today->day => $counts[$date->day] ?? 0,
                    $date->day === $this->period->today->day => $lateToday,
                    default => 0,
                },
                'done' => $done[$date->day] ?? 0,
                'first' => array_map($this->line(...), $firsts[$date->day] ?? []),
                'away' => $this->scope->isOne() ? [] : self::named(array_slice($absent, 0, self::NAMES)),
                'awayInAll' => count($absent),
                ...$load?->on($date, $this->scope->people) ?? ['capacity' => null, 'planned' => null],
            ];
        }

        return array_chunk($cells, 7);
    }

    /** @return array<string, mixed> a DueLine */
    public function line(Task $task): array
    {
        return [
            'id' => $task->id,
            'number' => (int) $task->number,
            'title' => $task->title,
            'at' => Moment::orNull($task->due_at),
            'late' => $task->due_at !== null && $task->due_at->getTimestamp() < $this->period->now,
        ];
    }

    /**
     * @param list<Person> $people
     *
     * @return list<array{slug: string, name: string}>
     */
    public static function named(array $people): array
    {
        return array_map(static fn(Person $one): array => ['slug' => $one->id, 'name' => $one->name], $people);
    }
}
