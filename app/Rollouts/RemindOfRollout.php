<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\DomainEvents\About;
use App\Models\Events\NoticeKind;
use App\Models\Rollouts\Rollout;
use App\Models\Tasks\Task;
use App\Notices\GatherNotices;
use App\Notices\NewNotice;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Reminds whoever holds open tasks of a rollout. */
final class RemindOfRollout
{
    private const PIECE = 500;

    /** @return int of how many tasks */
    public function __invoke(Rollout $rollout, string $text): int
    {
        return DB::transaction(static function () use ($rollout, $text): int {
            $told = [];
            $tasks = 0;
            Task::query()
                ->open()
                ->whereIn('id', $rollout->leaves()->whereNotNull('task_id')->select('task_id')->reorder())
                ->whereNotNull('assignee_id')
                ->with('holdsWith:id')
                ->select(['id', 'assignee_id', 'do_together'])
                ->chunkById(self::PIECE, static function (Collection $some) use (&$told, &$tasks, $text): void {
                    foreach ($some as $task) {
                        ++$tasks;
                        foreach ($task->holderIds() as $personId) {
                            $told[] = new NewNotice(
                                CarbonImmutable::now(),
                                $personId,
                                NoticeKind::Reminded,
                                About::task($task->id),
                                text: $text,
                            );
                        }
                    }
                });
            GatherNotices::keep($told);

            return $tasks;
        }, attempts: 3);
    }
}
