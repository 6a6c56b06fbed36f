<?php

declare(strict_types=1);

namespace App\Messages;

use App\Bridge\HouseAt;
use App\Bridge\TaskSubjects;
use App\Models\Messages\Message;
use App\Models\Reminders\Reminder;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Timer\DateMoment;

/** Whether what a message was prepared for is still so: its task is open, its rule is there and its criteria hold. */
final readonly class ReasonGone
{
    public const CLOSED = 'closed';
    public const NO_RULE = 'no_rule';
    public const CRITERIA = 'criteria';
    public const DATE = 'date';

    public function __construct(private TaskSubjects $subjects) {}

    /** @return list<string> what is to be loaded with a message */
    public static function relations(): array
    {
        return [
            'task.kind',
            'reminder',
            ...array_map(static fn(string $one): string => "task.{$one}", TaskSubjects::RELATIONS),
        ];
    }

    /**
     * @param Message $message with its relations()
     *
     * @return string|null a code; null: it stands
     */
    public function of(Message $message, HouseAt $house): ?string
    {
        $task = $message->task;
        if ($task !== null && $message->reminder !== null) {
            return $this->ofReminder($message->reminder, (string) $message->hangs_on, $task, $house);
        }
        if ($task === null || $message->rule === null) {
            return null;
        }
        $router = $house->router();
        foreach ($router->rulebook->rulebook->rules as $position => $rule) {
            if ($rule->id === $message->rule) {
                return match (true) {
                    !$rule->active => self::NO_RULE,
                    $this->holds($task, $house, $position) => self::hasMoved($message, $task) ? self::DATE : null,
                    // A message that says that a task is done stands once it is: its rule asks for that.
                    default => $task->status->isOpen() ? self::CRITERIA : self::CLOSED,
                };
            }
        }

        return self::NO_RULE;
    }

    private function ofReminder(Reminder $reminder, string $hangsOn, Task $task, HouseAt $house): ?string
    {
        return match (true) {
            !$task->status->isOpen() => self::CLOSED,
            DateMoment::hangsOn($this->subjects->of($task, $house), $reminder->field) !== $hangsOn => self::DATE,
            default => null,
        };
    }

    private static function hasMoved(Message $message, Task $task): bool
    {
        return $message->due_at?->getTimestamp() !== $task->due_at?->getTimestamp();
    }

    private function holds(Task $task, HouseAt $house, int $position): bool
    {
        $router = $house->router();
        $subject = $this->subjects->of($task, $house);

        return $router->rulebook
            ->criteria($position)
            ->holds($router->facts->of($subject, $subject, CarbonImmutable::now()->getTimestamp()));
    }
}
