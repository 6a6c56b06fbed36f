<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Bridge\Houses;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\HandedEvent;
use App\DomainEvents\SeatChanged;
use App\DomainEvents\TaskArrived;
use App\DomainEvents\TaskChanged;
use App\DomainEvents\WorkCovered;
use App\Messages\ReasonGone;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStepKind;
use App\Models\Reminders\Reminder;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Message\MessageState;

/** Keeps when the reminders of tasks are due, after each change of a task; and takes back what was for another date. */
final readonly class KeepReminders implements EventConsumer
{
    public function __construct(private Houses $houses, private ReminderMoments $moments) {}

    public static function name(): string
    {
        return 'reminders';
    }

    public static function kinds(): array
    {
        return [TaskArrived::class, TaskChanged::class, SeatChanged::class, WorkCovered::class];
    }

    public function consume(array $events): void
    {
        if ($events === [] || Reminder::query()->doesntExist()) {
            return;
        }
        $ids = array_values(
            array_unique(array_filter(array_map(static fn(HandedEvent $one): ?string => $one->about->taskId, $events))),
        );
        self::takeBack($ids, $this->moments->workOut($ids, $this->houses->now(), $events[0]->at->getTimestamp()));
    }

    /**
     * Messages to customers that remind of a date which has moved can't go out any more.
     *
     * @param list<string>        $ids   of tasks
     * @param array<string, true> $stand what reminders there are now
     */
    private static function takeBack(array $ids, array $stand): void
    {
        $waiting = Message::query()
            ->whereIn('task_id', $ids)
            ->whereHas('task', static fn(Builder $task): Builder => $task->open())
            ->whereNotNull('reminder_id')
            ->whereNotIn('state', MessageState::OVER)
            ->whereNull('lease')
            ->lockForUpdate()
            ->get();
        foreach ($waiting as $message) {
            $key = ReminderMoments::key(
                (string) $message->task_id,
                (string) $message->reminder_id,
                (string) $message->hangs_on,
            );
            if (!isset($stand[$key])) {
                $message->update(['state' => MessageState::Dropped]);
                $message->putDown(MessageStepKind::Dropped, CarbonImmutable::now(), ReasonGone::DATE);
            }
        }
    }
}
