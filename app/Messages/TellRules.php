<?php

declare(strict_types=1);

namespace App\Messages;

use App\Access\Actor;
use App\Cases\CaseEdit;
use App\Cases\EditCase;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStepKind;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Rulebook\Event\MessageGivenUp;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\TaskSubject;

/** Tells rules of messages that were given up, each once: in the transaction of what they do about it. */
final readonly class TellRules
{
    /** So often a day on one task or case: what a rule does about it may be a message that is given up as well. */
    private const A_DAY = 5;

    private const AT_ONCE = 50;

    private const GIVEN_UP = 'message_given_up';

    private const BY = 'messages';

    public function __construct(private EditTask $edit, private EditCase $editCase) {}

    public function __invoke(): void
    {
        foreach (Message::query()->where('to_tell_rules', true)->orderBy('id')->limit(self::AT_ONCE)->get() as $one) {
            if (($one->task_id === null && $one->case_id === null) || self::isTooOften($one)) {
                $one->update(['to_tell_rules' => false]);
            } else {
                $this->tell($one);
            }
        }
    }

    private function tell(Message $message): void
    {
        $told = static function () use ($message): void {
            // Another worker may have told them meanwhile; this one's change is undone then.
            Message::query()
                ->where('to_tell_rules', true)
                ->lockForUpdate()
                ->findOrFail($message->id)
                ->update(['to_tell_rules' => false]);
        };
        try {
            $message->case_id === null
                ? $this->onTask((string) $message->task_id, $message, $told)
                : $this->onCase($message->case_id, $message, $told);
        } catch (ModelNotFoundException) {
            // It is told, or what it is about is gone.
        }
    }

    private function onTask(string $id, Message $message, Closure $told): void
    {
        $edit = new Edit(
            self::GIVEN_UP,
            static fn(TaskSubject $subject): TaskSubject => $subject,
            reason: $message->recipient_name,
            happened: [new MessageGivenUp($message->channel)],
            besides: $told,
        );
        ($this->edit)($id, null, $edit, Actor::system(self::BY), Cause::System);
    }

    private function onCase(string $id, Message $message, Closure $told): void
    {
        $edit = new CaseEdit(
            self::GIVEN_UP,
            static fn(CaseAtHand $hand): CaseSubject => $hand->case,
            reason: $message->recipient_name,
            happened: [new MessageGivenUp($message->channel, SubjectKind::Matter)],
            besides: $told,
        );
        ($this->editCase)($id, null, $edit, Actor::system(self::BY), Cause::System);
    }

    private static function isTooOften(Message $message): bool
    {
        $told = Message::query()
            ->where(WhatAbout::key($message))
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
