<?php

declare(strict_types=1);

namespace App\Levelling;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Models\Access\User;
use App\Models\Levelling\LevelledMove;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use App\Refusals\LevellingMovedOn;
use App\Tasks\Undoing;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\People\Availability;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\TaskStatus;

/**
 * Takes the chosen moves of a levelling in one transaction. A group of which a task is not as it was any more, or of
 * which somebody takes no work by now, is left out whole; the others are taken.
 */
final readonly class ApplyLevelling
{
    public function __construct(private Houses $houses, private TaskSubjects $subjects, private ChangeRunner $runner) {}

    /** @throws LevellingMovedOn where it was applied by now, or nothing of it can be */
    public function __invoke(Levelling $levelling, User $by): Levelling
    {
        return DB::transaction(function () use ($levelling, $by): Levelling {
            $locked = $this->houses->lock();
            $now = Levelling::query()->lockForUpdate()->findOrFail($levelling->id);
            if ($now->state !== LevellingState::Ready) {
                throw LevellingMovedOn::since();
            }
            /** @var Collection<int, LevelledMove> $moves */
            $moves = $now->moves()->where('left', false)->get();
            /** @var Collection<array-key, Task> $tasks */
            $tasks = Task::query()
                ->with(TaskSubjects::RELATIONS)
                ->lockForUpdate()
                ->findMany($moves->pluck('task_id'))
                ->keyBy('id');
            $taken = $this->taken($moves, $tasks, $now, $locked);
            $at = CarbonImmutable::now();
            $chain = $this->runner->run(
                $locked,
                new Occasion($at->getTimestamp(), Cause::Person, 'levelled', $by->id, handoff: HandoffCause::Levelled),
                $this->changes($taken, $tasks, $now, $locked, $at->getTimestamp()),
                $tasks->all(),
            );
            $now->moves()
                ->where('left', false)
                ->update(['came' => LevelledMove::OTHERWISE]);
            foreach (TaskStatus::cases() as $status) {
                $of = $taken->filter(
                    static fn(LevelledMove $move): bool => $tasks->get($move->task_id)?->status === $status,
                );
                if ($of->isNotEmpty()) {
                    $now->moves()
                        ->whereIn('place', $of->pluck('place'))
                        ->update(['came' => LevelledMove::MOVED, 'was' => $status]);
                }
            }
            $now->update([
                'state' => LevellingState::Applied,
                'applied_at' => $at,
                'applied_by' => $by->id,
                'undo' => Undoing::of($chain),
            ]);
            Audit::record(Actor::user($by), 'house', 'levelled', "moved {$taken->count()} tasks by levelling", $now, [
                'count' => $taken->count(),
            ]);

            return $now;
        }, attempts: 3);
    }

    /**
     * @param Collection<int, LevelledMove> $moves
     * @param Collection<array-key, Task>   $tasks by id
     *
     * @return Collection<int, LevelledMove> those of groups that can be taken whole
     *
     * @throws LevellingMovedOn where there are none
     */
    private function taken(Collection $moves, Collection $tasks, Levelling $levelling, LockedHouse $locked): Collection
    {
        $roster = $locked->house->snapshot->roster;
        $availability = new Availability($roster);
        $working = LevelTerms::read($levelling->terms)->working;
        $at = CarbonImmutable::now()->getTimestamp();
        $takes = static function (string $personId) use ($roster, $availability, $locked, $at): bool {
            $slug = $locked->house->snapshot->personSlugs[$personId] ?? null;

            return $slug !== null && $availability->againstButAbsence($roster->people[$slug], $at) === [];
        };
        $otherwise = $moves
            ->reject(static function (LevelledMove $move) use ($tasks, $working, $takes): bool {
                $task = $tasks->get($move->task_id);

                return $task !== null &&
                    $task->assignee_id === $move->from_id &&
                    ($task->status === TaskStatus::New || ($working && $task->status === TaskStatus::Working)) &&
                    $task->holders() === 1 &&
                    $task->reviewer_id !== $move->to_id &&
                    $takes($move->to_id);
            })
            ->pluck('group')
            ->all();
        $taken = $moves->reject(static fn(LevelledMove $move): bool => in_array($move->group, $otherwise, true));

        return $taken->isEmpty() ? throw LevellingMovedOn::nothingLeft() : $taken->values();
    }

    /**
     * @param Collection<int, LevelledMove> $taken
     * @param Collection<array-key, Task>   $tasks by id
     *
     * @return list<ChangeSet>
     */
    private function changes(
        Collection $taken,
        Collection $tasks,
        Levelling $levelling,
        LockedHouse $locked,
        int $at,
    ): array {
        $house = $locked->house;
        $known = [];
        foreach ($this->subjects->all($tasks->values(), $house) as $subject) {
            $known[$subject->id] = $subject;
        }

        return array_values(
            $taken
                ->map(static function (LevelledMove $move) use ($known, $house, $levelling, $at): ChangeSet {
                    /** @var TaskSubject $before */
                    $before = $known[$move->task_id];
                    $after = $before->heldBy($house->snapshot->personSlugs[$move->to_id]);

                    return new ChangeSet(
                        "level-{$levelling->id}-{$move->task_id}",
                        $at,
                        $before,
                        $after,
                        $house->router()->facts->of($before, $after, $at),
                        Cause::Person,
                    );
                })
                ->all(),
        );
    }
}
