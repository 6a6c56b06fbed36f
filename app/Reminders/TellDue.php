<?php

declare(strict_types=1);

namespace App\Reminders;

use App\DomainEvents\About;
use App\Models\Events\ClockMark;
use App\Models\Events\NoticeKind;
use App\Models\House\House;
use App\Models\Tasks\Task;
use App\Notices\GatherNotices;
use App\Notices\NewNotice;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Tells those who hold tasks what is to be done soon and what is late by now, each once as its due date is. */
final class TellDue
{
    private const PIECE = 1000;

    public function __invoke(CarbonImmutable $now): void
    {
        $minutes = House::query()->value('due_soon_minutes');
        self::tell(NoticeKind::Late, $now);
        self::tell(NoticeKind::DueSoon, $now->addMinutes(is_numeric($minutes) ? (int) $minutes : 0), $now);
    }

    /**
     * @param CarbonImmutable      $to    what is due by then
     * @param CarbonImmutable|null $after and not by then
     */
    private static function tell(NoticeKind $kind, CarbonImmutable $to, ?CarbonImmutable $after = null): void
    {
        DB::transaction(static function () use ($kind, $to, $after): void {
            $from = ClockMark::advance($kind->value, $to);
            $from = $after === null ? $from : $from->max($after);
            if ($from >= $to) {
                return;
            }
            $told = [];
            Task::query()
                ->open()
                ->whereNotNull('assignee_id')
                ->where('due_at', '>', $from)
                ->where('due_at', '<=', $to)
                ->with('holdsWith:id')
                ->select(['id', 'assignee_id', 'do_together', 'due_at'])
                ->chunkById(self::PIECE, static function ($tasks) use (&$told, $kind): void {
                    $mutes = Mutes::of($tasks->modelKeys());
                    foreach ($tasks as $task) {
                        foreach ($task->holderIds() as $personId) {
                            if (!$mutes->includes($personId, $task->id)) {
                                $told[] = new NewNotice(
                                    CarbonImmutable::now(),
                                    $personId,
                                    $kind,
                                    About::task($task->id),
                                );
                            }
                        }
                    }
                });
            GatherNotices::keep($told);
        }, attempts: 3);
    }
}
