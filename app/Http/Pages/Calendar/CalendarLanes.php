<?php

declare(strict_types=1);

namespace App\Http\Pages\Calendar;

use App\Bridge\Snapshot;
use App\Http\Pages\Floor\FloorHours;
use App\Models\Tasks\Task;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\TaskStatus;

/** Some people day by day, or one day by hours: what is due when, what they do when. Its type is in CalendarPage.ts. */
final class CalendarLanes
{
    private const TITLES = 2;

    /** Tasks of a page of lanes that are looked at. */
    private const MOST = 5_000;

    private const HOUR = 3_600;

    /** Hours that are shown where nobody works. */
    private const USUAL = ['from' => 8, 'to' => 18];

    private readonly CalendarLoad $load;

    private readonly AwayDays $away;

    /** @var array<array-key, array<int, list<Task>>> by slug and day */
    private array $due = [];

    /** @param list<Person> $people of this page */
    public function __construct(
        private readonly CalendarScope $scope,
        private readonly CalendarPeriod $period,
        private readonly Snapshot $house,
        private readonly array $people,
    ) {
        $this->load = new CalendarLoad($house, $people, $period->last(), $period->now);
        $this->away = new AwayDays($house, $people, $period->first(), $period->last(), $period->zone);
        $due = new DatedTasks('due_at', $period->dates, $period->zone);
        $tasks = $due
            ->within($scope->tasks(true, $people), $period->first(), $period->last())
            ->with('holdsWith:id')
            ->orderBy('due_at')
            ->orderBy('number')
            ->limit(self::MOST)
            ->get(['tasks.id', 'number', 'title', 'status', 'due_at', 'assignee_id', 'reviewer_id', 'do_together']);
        foreach ($tasks as $task) {
            $with = $task->status === TaskStatus::InReview ? [$task->reviewer_id] : $task->holderIds();
            foreach (array_filter($with) as $id) {
                $day = $period->zone->dateAt((int) $task->due_at?->getTimestamp())->day;
                $this->due[$house->personSlugs[$id] ?? ''][$day][] = $task;
            }
        }
    }

    /** @return list<array<string, mixed>> each with a cell for each day */
    public function byDays(): array
    {
        return array_map(
            fn(Person $person): array => [
                'person' => ['slug' => $person->id, 'name' => $person->name],
                'cells' => array_map(fn(LocalDate $date): array => $this->cell($person, $date), $this->period->dates),
            ],
            $this->people,
        );
    }

    /** @return array{axis: array{from: int, to: int}, rows: list<array<string, mixed>>} a row by person and day */
    public function byHours(): array
    {
        $rows = [];
        [$first, $last] = [24, 0];
        foreach ($this->period->dates as $date) {
            $hours = new FloorHours($this->house->roster, $date);
            $begin = $this->house->roster->house->zone()->instant($date, 0);
            if ($this->anybodyWorks($date)) {
                $axis = $hours->axis($this->people);
                $first = min($first, intdiv(Instant::parse($axis['from']) - $begin, self::HOUR));
                $last = max($last, intdiv(Instant::parse($axis['to']) - $begin, self::HOUR));
            }
            $lanes = $hours->of($this->load->lanes);
            foreach ($this->people as $person) {
                $rows[] = [
                    'person' => ['slug' => $person->id, 'name' => $person->name],
                    'begin' => Instant::format($begin),
                    'hours' => $this->scope->showsLoad() ? $lanes[$person->id] : ['blocks' => []] + $lanes[$person->id],
                    ...$this->cell($person, $date),
                    'first' => $this->lines($person, $date, null),
                ];
            }
        }

        return [
            'axis' => $last === 0 ? self::USUAL : ['from' => $first, 'to' => $last],
            'rows' => $rows,
        ];
    }

    private function anybodyWorks(LocalDate $date): bool
    {
        foreach ($this->people as $person) {
            if ($person->hours->spansOf($date) !== []) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed> a CalendarCell */
    private function cell(Person $person, LocalDate $date): array
    {
        $due = $this->due[$person->id][$date->day] ?? [];
        $late = array_filter($due, fn(Task $one): bool => (int) $one->due_at?->getTimestamp() < $this->period->now);

        return [
            'date' => $date->format(),
            'state' => $this->away->stateOf($person, $date),
            'due' => count($due),
            'late' => count($late),
            'done' => 0,
            'first' => $this->lines($person, $date, self::TITLES),
            'away' => [],
            'awayInAll' => 0,
            ...$this->scope->showsLoad() ? $this->load->on($date, [$person]) : ['capacity' => null, 'planned' => null],
        ];
    }

    /**
     * @param int|null $most null: all
     *
     * @return list<array<string, mixed>>
     */
    private function lines(Person $person, LocalDate $date, ?int $most): array
    {
        $cells = new CalendarCells($this->scope, $this->period, $this->house);

        return array_map($cells->line(...), array_slice($this->due[$person->id][$date->day] ?? [], 0, $most));
    }
}
