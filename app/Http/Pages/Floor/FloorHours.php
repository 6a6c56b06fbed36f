<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Models\Tasks\Task;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Span;
use OpenBaton\Core\Workload\Block;
use OpenBaton\Core\Workload\Outlook;

/** One day of the floor by hours: when each is there, and what they do when. Its type is in FloorPage.ts. */
final readonly class FloorHours
{
    private const HOUR = 3_600;

    public function __construct(private Roster $roster, private LocalDate $date) {}

    /**
     * From the first hour at which anybody works to the last, of the day in the house.
     *
     * @param list<Person> $people
     *
     * @return array{from: string, to: string}
     */
    public function axis(array $people): array
    {
        $whole = $this->day();
        [$from, $to] = [$whole->to, $whole->from];
        foreach ($people as $person) {
            foreach ($this->within($person->hours->spansOf($this->date)) as $span) {
                $from = min($from, $span->from);
                $to = max($to, $span->to);
            }
        }
        if ($from >= $to) {
            [$from, $to] = [$whole->from, $whole->to];
        }

        return [
            'from' => Instant::format($from - ($from % self::HOUR)),
            'to' => Instant::format($to + ((self::HOUR - ($to % self::HOUR)) % self::HOUR)),
        ];
    }

    /**
     * @param list<array{Person, Outlook}> $lanes
     *
     * @return array<array-key, array<string, mixed>> a LaneHours by slug
     */
    public function of(array $lanes): array
    {
        $day = $this->day();
        $blocks = $ids = [];
        foreach ($lanes as [$person, $outlook]) {
            foreach ($outlook->plan->blocks as $block) {
                if ($block->from < $day->to && $block->to > $day->from) {
                    $blocks[$person->id][] = $block;
                    $ids[] = $block->taskId;
                }
            }
        }
        $tasks = Task::query()
            ->whereKey(array_unique($ids))
            ->get(['id', 'number', 'title', 'due_at'])
            ->keyBy('id');
        $hours = [];
        foreach ($lanes as [$person]) {
            $hours[$person->id] = [
                'there' => array_map(
                    self::span(...),
                    $this->within($this->roster->presenceOf($person->id)->spansOf($this->date)),
                ),
                'blocks' => array_map(static function (Block $one) use ($day, $tasks): array {
                    $task = $tasks->get($one->taskId);

                    return self::span(new Span(max($one->from, $day->from), min($one->to, $day->to))) + [
                        'id' => $one->taskId,
                        'number' => (int) $task?->number,
                        'title' => (string) $task?->title,
                        'late' => $task?->due_at !== null && $task->due_at->getTimestamp() < $one->to,
                    ];
                }, $blocks[$person->id] ?? []),
            ];
        }

        return $hours;
    }

    private function day(): Span
    {
        $zone = $this->roster->house->zone();

        return new Span($zone->instant($this->date, 0), $zone->instant($this->date->plus(1), 0));
    }

    /**
     * @param list<Span> $spans
     *
     * @return list<Span> what of them is within the day of the house
     */
    private function within(array $spans): array
    {
        $day = $this->day();

        return array_values(
            array_filter(array_map(static fn(Span $one): ?Span => $one->within($day->from, $day->to), $spans)),
        );
    }

    /** @return array{from: string, to: string} */
    private static function span(Span $span): array
    {
        return ['from' => Instant::format($span->from), 'to' => Instant::format($span->to)];
    }
}
