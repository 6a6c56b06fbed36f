<?php

declare(strict_types=1);

namespace App\Foresight;

use App\Bridge\HouseAt;
use App\Bridge\PlacingRules;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Workload\TaskStatus;

/** Open work by the day on which it is due: what is overdue, or has no due date, on the first. */
final readonly class KnownWork
{
    /** Tasks that are read in one round trip. */
    private const PIECE = 1000;

    public function __construct(private HouseAt $house, private Abouts $abouts) {}

    /**
     * @param non-empty-list<LocalDate> $days in order
     *
     * @return array<array-key, array<int, int>> minutes by what it is about and place of the day
     */
    public function by(array $days): array
    {
        $zone = $this->house->snapshot->roster->house->zone();
        $minutes = [];
        $measure = $this->house->snapshot->roster->measure;
        Task::query()
            ->with('kind')
            ->open()
            ->where('status', '<>', TaskStatus::Waiting)
            ->select([
                'id',
                'task_kind_id',
                'status',
                'assignee_id',
                'reviewer_id',
                'due_at',
                'estimate_minutes',
                'spent_minutes',
                'remaining_minutes',
                ...$measure->looksAtFields() ? ['facts'] : [],
            ])
            ->chunkById(self::PIECE, function (Collection $tasks) use (&$minutes, $zone, $days, $measure): void {
                $rules = PlacingRules::of($tasks->modelKeys(), $this->house->router()->rulebook->rulebook);
                foreach ($tasks as $task) {
                    $due = $task->due_at === null ? null : $zone->dateAt($task->due_at->getTimestamp());
                    $place = self::place($due, $days);
                    if ($place === null) {
                        continue;
                    }
                    $whose = $task->status === TaskStatus::InReview ? $task->reviewer_id : $task->assignee_id;
                    $slug = $this->house->snapshot->personSlugs[(string) $whose] ?? null;
                    $amount = $measure->of($task->effort(), $measure->looksAtFields() ? (array) $task->facts : []);
                    foreach ($this->abouts->of($slug === null ? [] : [$slug], $rules[$task->id] ?? null) as $about) {
                        $minutes[$about][$place] = ($minutes[$about][$place] ?? 0) + $amount;
                    }
                }
            });

        return $minutes;
    }

    /**
     * The last of the days on which it can be done in time.
     *
     * @param non-empty-list<LocalDate> $days
     *
     * @return int|null null: it is due after them
     */
    private static function place(?LocalDate $due, array $days): ?int
    {
        if ($due === null || $due->day < $days[0]->day) {
            return 0;
        }
        if ($due->day > $days[count($days) - 1]->day) {
            return null;
        }
        $place = 0;
        foreach ($days as $at => $day) {
            $place = $day->day <= $due->day ? $at : $place;
        }

        return $place;
    }
}
