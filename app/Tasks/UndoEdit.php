<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Database\Stamp;
use App\Models\Access\User;
use App\Models\Casts\Document;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskUndo;
use App\Refusals\TaskMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Effect\ReachesOutside;

/**
 * Takes back what somebody has just done to a task, with what rules made of it: by whoever did it, as long as nobody
 * has changed the task since. What has told somebody outside of the task of it can't be taken back.
 */
final readonly class UndoEdit
{
    /** Seconds: the page offers it for ten, and sending takes a while on a poor connection. */
    private const OPEN = 60;

    public function __construct(private Houses $houses, private PutBack $putBack) {}

    /** Keeps what it takes, in the transaction of the edit. */
    public static function keep(Task $task, ChainResult $chain, string $userId, CarbonImmutable $at): void
    {
        if (self::hasLeft($chain)) {
            TaskUndo::query()->whereKey($task->id)->delete();

            return;
        }
        // In one query: the house is locked.
        TaskUndo::query()->upsert(
            [
                [
                    'task_id' => $task->id,
                    'user_id' => $userId,
                    'revision' => $task->revision,
                    'undo' => Document::encode(Undoing::of($chain)),
                    'at' => Stamp::of($at->getTimestamp()),
                ],
            ],
            ['task_id'],
        );
    }

    /** Whether the user may still take back what they did last. */
    public static function isOpen(Task $task, User $user): bool
    {
        return self::kept($task, $user) !== null;
    }

    /** @throws TaskMovedOn where it is too late, or the task has changed since */
    public function __invoke(Task $task, User $by): void
    {
        DB::transaction(function () use ($task, $by): void {
            $locked = $this->houses->lock();
            $row = Task::query()->lockForUpdate()->findOrFail($task->id);
            $kept = self::kept($row, $by) ?? throw TaskMovedOn::since($row);
            $this->putBack($kept, $locked, $by);
            $kept->delete();
        }, attempts: 3);
    }

    private function putBack(TaskUndo $kept, LockedHouse $locked, User $by): void
    {
        $at = CarbonImmutable::now()->getTimestamp();
        ($this->putBack)(
            Undoing::read($kept->undo),
            $locked,
            new Occasion($at, Cause::Person, 'undone', $by->id),
            "undone-{$kept->revision}",
        );
    }

    private static function kept(Task $task, User $user): ?TaskUndo
    {
        return TaskUndo::query()
            ->whereKey($task->id)
            ->where('user_id', $user->id)
            ->where('revision', $task->revision)
            ->where('at', '>=', CarbonImmutable::now()->subSeconds(self::OPEN))
            ->first();
    }

    /** Whether any of it is more than tasks, and how many of them their case needs. */
    private static function hasLeft(ChainResult $chain): bool
    {
        foreach ($chain->links as $link) {
            $case = $link->change->case();
            $was = $link->change->caseBefore();
            if ($case !== null && $was?->with(['openNeeded' => $case->openNeeded])->equals($case) !== true) {
                return true;
            }
            foreach ($link->decision->effects ?? [] as $effect) {
                if ($effect instanceof ReachesOutside) {
                    return true;
                }
            }
        }

        return false;
    }
}
