<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Bridge\Houses;
use App\Models\Events\EventPosition;
use App\Models\Tasks\Task;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Facades\DB;

/**
 * Works out when reminders are due on the tasks that are there, since what a kind proposes, what somebody has set, or
 * the calendars have changed. Done twice, it does no more than once.
 */
final class WorkOutReminders implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    private const PIECE = 200;

    public int $tries = 3;

    /**
     * @param int         $since    instant of the change
     * @param string|null $kindId   of tasks of that kind alone
     * @param string|null $personId of what they hold alone
     * @param string|null $taskId   of that one alone
     */
    public function __construct(
        public readonly int $since,
        public readonly ?string $kindId = null,
        public readonly ?string $personId = null,
        public readonly ?string $taskId = null,
    ) {
        $this->afterCommit();
    }

    public function handle(Houses $houses, ReminderMoments $moments): void
    {
        $since = $this->since;
        EventPosition::query()->insertOrIgnore(['consumer' => KeepReminders::name()]);
        Task::query()
            ->open()
            ->when($this->kindId, static fn(Builder $tasks, string $id) => $tasks->where('task_kind_id', $id))
            ->when($this->personId, static fn(Builder $tasks, string $id) => $tasks->heldBy($id))
            ->when($this->taskId, static fn(Builder $tasks, string $id) => $tasks->whereKey($id))
            ->select('id')
            ->chunkById(self::PIECE, static function (Collection $ids) use ($houses, $moments, $since): void {
                DB::transaction(static function () use ($houses, $moments, $ids, $since): void {
                    // While it is held, what changes now is worked out after this, and stands.
                    EventPosition::query()->lockForUpdate()->findOrFail(KeepReminders::name());
                    $moments->workOut(array_map(strval(...), array_values($ids->modelKeys())), $houses->now(), $since);
                }, attempts: 3);
            });
    }
}
