<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Messages\Message;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;

/**
 * Which messages somebody sees: leads all, others those of tasks that they hold, cover or review, and of cases that
 * they own, also in somebody's place.
 */
final class MessagesInSight
{
    /** @return Builder<Message> */
    public function of(User $user): Builder
    {
        $person = $user->person;

        return match (true) {
            $user->leads() => Message::query(),
            $person === null => Message::query()->whereRaw('1 = 0'),
            default => Message::query()->where(
                static fn(Builder $any): Builder => $any
                    ->whereIn('task_id', self::tasksOf($person))
                    ->orWhereIn('case_id', CustomerCase::query()->select('id')->where('owner_id', $person->id)),
            ),
        };
    }

    public function includes(User $user, Message $message): bool
    {
        return $this->of($user)->whereKey($message->id)->exists();
    }

    /** @return Builder<Task> */
    private static function tasksOf(Person $person): Builder
    {
        return Task::query()
            ->select('id')
            ->where(
                static fn(Builder $any): Builder => $any
                    ->where('assignee_id', $person->id)
                    ->orWhere('reviewer_id', $person->id)
                    ->orWhereHas('holdsWith', static fn(Builder $holders): Builder => $holders->whereKey($person->id)),
            );
    }
}
