<?php

declare(strict_types=1);

namespace App\Foresight;

use App\Bridge\HouseAt;
use App\Bridge\PlacingRules;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Figures\Rank;
use OpenBaton\Core\Foresight\Arrival;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\Effort;

/** What came in within the last weeks, as work of the house, of teams and of skills. */
final readonly class RecentArrivals
{
    /** Tasks that are read in one round trip. */
    private const PIECE = 1000;

    public function __construct(private HouseAt $house, private Abouts $abouts) {}

    /**
     * @param non-empty-list<LocalDate> $open days on which the house was open, in order
     *
     * @return array<array-key, list<Arrival>> by what it is about
     */
    public function since(array $open): array
    {
        $zone = $this->house->snapshot->roster->house->zone();
        $found = $lags = [];
        $end = $zone->instant($open[count($open) - 1]->plus(1), 0);
        $measure = $this->house->snapshot->roster->measure;
        $facts = $measure->looksAtFields() ? ['facts'] : [];
        Task::query()
            ->where('arrived_at', '>=', CarbonImmutable::createFromTimestamp($zone->instant($open[0], 0)))
            ->where('arrived_at', '<', CarbonImmutable::createFromTimestamp($end))
            ->select(['id', 'task_kind_id', 'assignee_id', 'arrived_at', 'due_at', 'estimate_minutes', ...$facts])
            ->chunkById(self::PIECE, function (Collection $tasks) use (&$found, &$lags, $zone, $open, $measure): void {
                $rules = PlacingRules::of($tasks->modelKeys(), $this->house->router()->rulebook->rulebook);
                foreach ($tasks as $task) {
                    $day = $zone->dateAt($task->arrived_at->getTimestamp());
                    $kind = (string) $task->task_kind_id;
                    if ($task->due_at !== null) {
                        $lags[$kind][] = self::daysBetween($day, $zone->dateAt($task->due_at->getTimestamp()), $open);
                    }
                    $slug = $this->house->snapshot->personSlugs[(string) $task->assignee_id] ?? null;
                    $found[] = [
                        $day->day,
                        $measure->of(
                            new Effort(
                                $this->house->snapshot->kinds[$kind]->usualMinutes ?? 0,
                                $task->estimate_minutes,
                            ),
                            $measure->looksAtFields() ? (array) $task->facts : [],
                        ),
                        $kind,
                        $this->abouts->of($slug === null ? [] : [$slug], $rules[$task->id] ?? null),
                    ];
                }
            });
        $usual = array_map(static fn(array $days): int => (int) Rank::of($days, 50), $lags);
        $arrivals = [];
        foreach ($found as [$day, $minutes, $kind, $abouts]) {
            foreach ($abouts as $about) {
                $arrivals[$about][] = new Arrival($day, $minutes, $usual[$kind] ?? 0);
            }
        }

        return $arrivals;
    }

    /**
     * Open days after one day until another; weeks beyond those that are known have five.
     *
     * @param list<LocalDate> $open
     */
    private static function daysBetween(LocalDate $from, LocalDate $to, array $open): int
    {
        $days = 0;
        foreach ($open as $date) {
            $days += $date->day > $from->day && $date->day <= $to->day ? 1 : 0;
        }
        $last = $open[count($open) - 1]->day;

        return $days + ($to->day > $last ? intdiv(5 * ($to->day - max($last, $from->day)), 7) : 0);
    }
}
