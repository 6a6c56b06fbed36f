<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Bridge\HouseAt;
use App\Bridge\TaskSubjects;
use App\Database\Stamp;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Check\MomentReplay;

/**
 * The tasks of the last weeks and those that are still open, in the order of their numbers, with what timers would have
 * done with each.
 */
final readonly class RecentTasks
{
    public function __construct(private MomentReplay $replay, private TaskSubjects $subjects, private HouseAt $house) {}

    public function countAfter(int $number): int
    {
        return $this->replay->isNeeded() ? $this->query($number)->count() : 0;
    }

    /**
     * @return array<int, list<array{int, int}>> by number of the task: positions of rules that would have acted, each
     *     with the instant
     */
    public function after(int $number, int $most): array
    {
        $acted = [];
        if ($this->replay->isNeeded()) {
            foreach (
                $this->query($number)->with(TaskSubjects::RELATIONS)->orderBy('number')->limit($most)->get()
                as $task
            ) {
                $acted[(int) $task->number] = $this->replay->of(
                    $this->subjects->of($task, $this->house),
                    $task->completed_at?->getTimestamp(),
                );
            }
        }

        return $acted;
    }

    /** @return Builder<Task> */
    private function query(int $number): Builder
    {
        return Task::query()
            ->where('number', '>', $number)
            ->where('arrived_at', '<', Stamp::of($this->replay->until()))
            ->where(
                static fn(Builder $query): Builder => $query
                    ->where('arrived_at', '>=', RecordedArrivals::since())
                    ->orWhereNull('completed_at'),
            );
    }
}
