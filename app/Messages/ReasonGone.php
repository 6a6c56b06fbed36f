<?php

declare(strict_types=1);

namespace App\Messages;

use App\Bridge\CaseSubjects;
use App\Bridge\HouseAt;
use App\Bridge\SubjectRows;
use App\Bridge\TaskSubjects;
use App\Models\Messages\Message;
use App\Models\Reminders\Reminder;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Timer\DateMoment;

/** Whether what a message was prepared for is still so: it is open, the rule is there and its criteria hold. */
final readonly class ReasonGone
{
    public const CLOSED = 'closed';
    public const NO_RULE = 'no_rule';
    public const CRITERIA = 'criteria';
    public const DATE = 'date';

    public function __construct(private SubjectRows $rows) {}

    /** @return list<string> what is to be loaded with a message */
    public static function relations(): array
    {
        return [
            'task.kind',
            'reminder',
            ...array_map(static fn(string $one): string => "task.{$one}", TaskSubjects::RELATIONS),
            ...array_map(static fn(string $one): string => "case.{$one}", CaseSubjects::RELATIONS),
        ];
    }

    /**
     * @param Message $message with its relations()
     *
     * @return string|null a code; null: it stands
     */
    public function of(Message $message, HouseAt $house): ?string
    {
        $subject = $this->subject($message, $house);
        if ($subject instanceof TaskSubject && $message->reminder !== null) {
            return self::ofReminder($message->reminder, (string) $message->hangs_on, $subject);
        }
        if ($subject === null || $message->rule === null) {
            return null;
        }
        foreach ($house->router()->rulebook->rulebook->rules as $position => $rule) {
            if ($rule->id === $message->rule) {
                return match (true) {
                    !$rule->active => self::NO_RULE,
                    self::holds($subject, $house, $position) => self::hasMoved($message, $subject) ? self::DATE : null,
                    // A message that says that something is done stands once it is: its rule asks for that.
                    default => $subject->isOpen() ? self::CRITERIA : self::CLOSED,
                };
            }
        }

        return self::NO_RULE;
    }

    /** @return Subject|null what it is about; null: nothing, or that is gone */
    private function subject(Message $message, HouseAt $house): ?Subject
    {
        return match (true) {
            $message->task !== null => $this->rows->tasks->of($message->task, $house),
            $message->case !== null => $this->rows->cases->of($message->case, $house),
            default => null,
        };
    }

    private static function ofReminder(Reminder $reminder, string $hangsOn, TaskSubject $task): ?string
    {
        return match (true) {
            !$task->isOpen() => self::CLOSED,
            DateMoment::hangsOn($task, $reminder->field) !== $hangsOn => self::DATE,
            default => null,
        };
    }

    private static function hasMoved(Message $message, Subject $subject): bool
    {
        return $subject instanceof TaskSubject && $message->due_at?->getTimestamp() !== $subject->dueAt;
    }

    private static function holds(Subject $subject, HouseAt $house, int $position): bool
    {
        $router = $house->router();

        return $router->rulebook
            ->criteria($position)
            ->holds($router->facts->of($subject, $subject, CarbonImmutable::now()->getTimestamp()));
    }
}
