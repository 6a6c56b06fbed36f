<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Absences\ActingFor;
use App\Access\Actor;
use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Refusals\NotAnswered;
use App\Refusals\TaskHeldByRun;
use App\Refusals\TaskMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\MarkTouched;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Transitions;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Changes a task that others may be changing too: checked, under the lock,
 * against what the person saw and against the table of transitions.
 */
final readonly class EditTask
{
    public function __construct(
        private Houses $houses,
        private TaskSubjects $subjects,
        private ChangeRunner $runner,
        private ActingFor $acting,
        private WorkClock $clock,
    ) {}

    /**
     * @param int|null $seenRevision the revision that the person looked at; null: whatever it is now
     *
     * @throws TaskMovedOn where it has changed since, or is not in the state for it
     * @throws NotAnswered where it is done by an answer to an approval
     * @throws TaskHeldByRun where it would be done before a run on it is over
     */
    public function __invoke(
        string $taskId,
        ?int $seenRevision,
        Edit $edit,
        Actor $by,
        Cause $cause = Cause::Person,
    ): Task {
        return DB::transaction(function () use ($taskId, $seenRevision, $edit, $by, $cause): Task {
            $locked = $this->houses->lock();
            $task = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->findOrFail($taskId);
            $fits = $edit->action === null || Transitions::of($edit->action)->fits($task->status, $task->holders());
            if (($seenRevision !== null && $seenRevision !== $task->revision) || !$fits) {
                throw TaskMovedOn::since($task);
            }
            $house = $locked->house->snapshot;
            $router = $locked->house->router();
            $before = $this->subjects->of($task, $locked->house);
            if ($before->answers !== null && $edit->action !== null && Transitions::of($edit->action)->ends()) {
                throw NotAnswered::byAnAnswer();
            }
            $after = $router->settled(($edit->change)($before, $house));
            if ($before->runs > 0 && $after->status === TaskStatus::Done && $before->status !== TaskStatus::Done) {
                throw TaskHeldByRun::open();
            }
            $at = CarbonImmutable::now()->getTimestamp();
            $for = $by->user === null ? null : $this->acting->of($by->user, $task);
            $person = $house->personSlugs[(string) $by->user?->person?->id] ?? null;
            $handoff = $edit->handoff;
            if ($person !== null) {
                $alone = $after->begunBy($person, $before);
                $handoff = $alone === $after ? $handoff : HandoffCause::Begun;
                $after = MarkTouched::of($before, $alone, $person, $edit->says());
            }
            $after = $this->clock->settled($task, $before, $after, $at, $house);
            if ($edit->besides !== null) {
                ($edit->besides)($task, $for);
            }
            // What changes nothing has not happened.
            if ($edit->happened !== [] || !$after->equals($before)) {
                $facts = $router->facts->of($before, $after, $at);
                $change = new ChangeSet(
                    "change-{$task->id}-{$task->revision}",
                    $at,
                    $before,
                    $after,
                    $facts,
                    $cause,
                    $edit->happened,
                );
                $chain = $this->runner->run(
                    $locked,
                    new Occasion(
                        $at,
                        $cause,
                        $edit->occasion,
                        $by->user?->id,
                        $by->system,
                        $edit->reason,
                        $handoff,
                        $for?->id,
                    ),
                    [$change],
                    [$task->id => $task],
                );
                if ($by->user !== null && $edit->happened === []) {
                    UndoEdit::keep($task, $chain, $by->user->id, CarbonImmutable::now());
                }
            }

            return $task;
        }, attempts: 3);
    }
}
