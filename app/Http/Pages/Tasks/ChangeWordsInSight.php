<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Explain\ChangeWords;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Tasks\TasksInSight;
use Illuminate\Support\Collection;

/** Names of other tasks in what differs, as far as whoever looks sees those tasks. */
final readonly class ChangeWordsInSight
{
    public function __construct(private Viewer $viewer, private TasksInSight $sight) {}

    /**
     * What differs, said with the names of the tasks that it is about; of those that the viewer does not see with their
     * numbers.
     *
     * @param Collection<int, TaskChange> $changes
     */
    public function of(Collection $changes): ChangeWords
    {
        $ids = array_values(
            array_unique(
                array_merge(
                    ...array_values(
                        $changes
                            ->map(static fn(TaskChange $one): array => ChangeWords::tasksIn((array) $one->difference))
                            ->all(),
                    ),
                ),
            ),
        );
        $seen = $this->sight->among($this->viewer->user(), $ids);
        $names =
            $ids === []
                ? []
                : Task::query()
                    ->findMany($ids, ['id', 'number', 'title'])
                    ->mapWithKeys(
                        static fn(Task $one): array => [
                            $one->id => in_array($one->id, $seen, true)
                                ? "№ {$one->number} {$one->title}"
                                : "№ {$one->number}",
                        ],
                    )
                    ->all();

        return new ChangeWords($this->viewer->words(), $names);
    }
}
