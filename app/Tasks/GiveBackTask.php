<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Access\Actor;
use App\Bridge\Snapshot;
use App\Models\Access\User;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Refusals\TaskMovedOn;
use OpenBaton\Core\Routing\Outcome;
use OpenBaton\Core\Subject\TaskAction;
use OpenBaton\Core\Subject\TaskSubject;

/** A task that somebody has claimed is open again to all whom it was open to. */
final readonly class GiveBackTask
{
    public function __construct(private EditTask $edit) {}

    public function __invoke(Task $task, User $by, ?int $seenRevision = null): Task
    {
        return ($this->edit)(
            $task->id,
            $seenRevision,
            new Edit(
                'gave_back',
                static function (TaskSubject $subject, Snapshot $house) use ($task): TaskSubject {
                    $all = array_values(
                        array_filter(
                            self::openBefore($task),
                            static fn(string $slug): bool => ($house->roster->people[$slug] ?? null)?->active === true,
                        ),
                    );

                    return $all === [] ? throw TaskMovedOn::since($task->refresh()) : $subject->heldBy(null, $all);
                },
                TaskAction::GiveBack,
                handoff: HandoffCause::GaveBack,
            ),
            Actor::user($by),
        );
    }

    /**
     * @param Task $task perhaps with its latest handoffs
     *
     * @return bool whether whoever holds it has claimed it
     */
    public static function wasClaimed(Task $task): bool
    {
        $latest = $task->relationLoaded('handoffs')
            ? $task->handoffs->sortBy(['at', 'id'])->last()
            : Handoff::query()->where('task_id', $task->id)->latest('at')->orderByDesc('id')->first();

        return $latest?->cause === HandoffCause::Claim && $latest->to_id === $task->assignee_id;
    }

    /** @return list<string> slugs of those who could have claimed it; nobody where it was not claimed */
    private static function openBefore(Task $task): array
    {
        $decision = self::wasClaimed($task->unsetRelation('handoffs'))
            ? Decision::query()
                ->where('task_id', $task->id)
                ->where('outcome', Outcome::Open)
                ->latest('at')
                ->orderByDesc('id')
                ->first()
            : null;
        $record = (array) $decision?->record;
        $open = is_array($record['open_to'] ?? null) ? $record['open_to'] : [];

        return array_values(array_filter($open, is_string(...)));
    }
}
