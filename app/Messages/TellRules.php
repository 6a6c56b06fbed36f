<?php

declare(strict_types=1);

namespace App\Messages;

use App\Access\Actor;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStepKind;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use OpenBaton\Core\Rulebook\Event\MessageGivenUp;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\TaskSubject;

/** Tells rules of messages that were given up, each once: in the transaction of what they do about it. */
final readonly class TellRules
{
    /** So often a day on one task: what a rule does about it may be a message that is given up as well. */
    private const A_DAY = 5;

    private const AT_ONCE = 50;

    public function __construct(private EditTask $edit) {}

    public function __invoke(): void
    {
        foreach (Message::query()->where('to_tell_rules', true)->orderBy('id')->limit(self::AT_ONCE)->get() as $one) {
            if ($one->task_id === null || self::isTooOften($one)) {
                $one->update(['to_tell_rules' => false]);
            } else {
                $this->tell($one->id, $one->task_id, new MessageGivenUp($one->channel), $one->recipient_name);
            }
        }
    }

    private function tell(int $id, string $taskId, MessageGivenUp $event, string $for): void
    {
        try {
            ($this->edit)(
                $taskId,
                null,
                new Edit(
                    'message_given_up',
                    static fn(TaskSubject $subject): TaskSubject => $subject,
                    reason: $for,
                    happened: [$event],
                    besides: static function () use ($id): void {
                        // Another worker may have told them meanwhile; this one's change is undone then.
                        Message::query()
                            ->where('to_tell_rules', true)
                            ->lockForUpdate()
                            ->findOrFail($id)
                            ->update([
                                'to_tell_rules' => false,
                            ]);
                    },
                ),
                Actor::system('messages'),
                Cause::System,
            );
        } catch (ModelNotFoundException) {
            // It is told, or its task is gone.
        }
    }

    private static function isTooOften(Message $message): bool
    {
        $told = Message::query()
            ->where('task_id', $message->task_id)
            ->where('to_tell_rules', false)
            ->whereHas(
                'steps',
                static fn(Builder $steps): Builder => $steps
                    ->where('step', MessageStepKind::GivenUp)
                    ->where('at', '>', CarbonImmutable::now()->subDay()),
            );

        return $told->count() >= self::A_DAY;
    }
}
