<?php

declare(strict_types=1);

namespace App\Absences;

use App\Bridge\Snapshot;
use App\Bridge\TaskSubjects;
use App\Models\Absences\Absence;
use App\Models\Absences\CoverSetting;
use App\Models\Absences\TaskCover;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;

/** The rows that say what is to move between somebody and their substitutes. */
final class WorkToMove
{
    /**
     * @return Collection<int, Task> open ones that somebody holds or reviews, or that others do for them or in their
     *     place
     */
    public static function concerning(string $person, Snapshot $house): Collection
    {
        $id = $house->personIds[$person];
        $covered = TaskCover::query()
            ->where(
                static fn(Builder $some): Builder => $some->where('for_id', $id)->orWhereJsonContains('via', $person),
            )
            ->whereHas('task', static fn(Builder $task): Builder => $task->open())
            ->pluck('task_id')
            ->all();

        return Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->open()
            ->where(static fn(Builder $some): Builder => $some->concerning($id)->orWhereIn('id', $covered))
            ->dueFirst()
            ->lockForUpdate()
            ->get();
    }

    /** @return array<array-key, true> ids of absences whose work was handed over, and not back */
    public static function early(): array
    {
        return array_fill_keys(
            Absence::query()
                ->unsettled()
                ->whereNotNull('handed_over_at')
                ->get('slug')
                ->map(static fn(Absence $absence): string => $absence->slug)
                ->all(),
            true,
        );
    }

    /** @return array<array-key, string|null> what was set by hand, by task */
    public static function settings(string $person, Snapshot $house): array
    {
        $set = [];
        $absences = Absence::query()->unsettled()->where('person_id', $house->personIds[$person]);
        foreach (CoverSetting::query()->whereIn('absence_id', $absences->select('id'))->get() as $setting) {
            $set[$setting->task_id] =
                $setting->person_id === null ? null : $house->personSlugs[$setting->person_id] ?? null;
        }

        return $set;
    }
}
