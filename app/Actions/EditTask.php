<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\ChainRecorder;
use App\Bridge\ChainSurroundings;
use App\Bridge\Commit;
use App\Bridge\LockedInputs;
use App\Bridge\Routers;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Cover\ActingFor;
use App\Cover\Notices;
use App\Models\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\Touch;
use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Transitions;

/**
 * Changes a task that others may be changing too, and carries out what rules
 * make of it: locked, checked against what the person saw and against the table
 * of transitions, recorded, all or nothing. Every change of a task goes through
 * here.
 */
final readonly class EditTask
{
    public function __construct(
        private SnapshotSource $snapshots,
        private Routers $routers,
        private TaskSubjects $subjects,
        private ChainRecorder $recorder,
        private ActingFor $acting,
    ) {}

    /**
     * @param int|null $seenRevision the revision that the person looked at; null: whatever it is now
     *
     * @throws TaskMovedOn where it has changed since, or is not in the state for it
     */
    public function __invoke(string $taskId, ?int $seenRevision, Edit $edit, Actor $by, Cause $cause = Cause::Person): Task
    {
        return DB::transaction(function () use ($taskId, $seenRevision, $edit, $by, $cause): Task {
            $inputs = LockedInputs::take();
            $task = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->findOrFail($taskId);
            $fits = $edit->action === null || Transitions::of($edit->action)->fits($task->status, $task->assignee_id !== null);
            if (($seenRevision !== null && $seenRevision !== $task->revision) || ! $fits) {
                throw TaskMovedOn::since($task);
            }
            $house = $this->snapshots->at($inputs->state);
            $router = $this->routers->at($inputs->state, $house);
            $before = $this->subjects->of($task, $house, $inputs->state);
            $after = $router->settled(($edit->change)($before, $house));
            $at = CarbonImmutable::now()->getTimestamp();
            $for = $by->user === null ? null : $this->acting->of($by->user, $task);
            $person = $house->personSlugs[(string) $by->user?->person?->id] ?? null;
            if ($person !== null) {
                $after = Touch::of($before, $after, $person, $edit->comment !== null || $edit->file !== null);
            }
            if ($edit->besides !== null) {
                ($edit->besides)($task, $for);
            }
            // What changes nothing has not happened.
            if ($edit->trigger !== null || $edit->comment !== null || $edit->file !== null || ! $after->equals($before)) {
                $facts = $router->facts->of($before, $after, $at);
                $change = new ChangeSet("change-{$task->id}-{$task->revision}", $at, $before, $after, $facts, $cause, $edit->trigger, $edit->comment, $edit->file);
                $chain = (new Chain($router, new ChainSurroundings($inputs, $house, $this->subjects)))->run($change);
                $this->recorder->record($chain, new Commit($house, $inputs, $at, $cause, $edit->occasion, $by->user?->id, $by->system, $edit->reason, $edit->handoff, $for?->id), [$task->id => $task]);
                $seat = $edit->action?->givenSeat();
                if ($seat !== null) {
                    $notices = new Notices($house, $at);
                    $notices->handedOn($task->id, $before->occupant($seat), $after->occupant($seat), $person);
                    $notices->save();
                }
            }

            return $task;
        }, attempts: 3);
    }
}
