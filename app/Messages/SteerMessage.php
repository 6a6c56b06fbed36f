<?php

declare(strict_types=1);

namespace App\Messages;

use App\Models\Access\User;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStepKind;
use App\Refusals\MessageMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Message\MessageState;

/** What people do with a message before it has gone: each step is put down with who did it. */
final class SteerMessage
{
    /** It goes now, or as soon as its channel takes it; one that was given up begins anew. */
    public function release(Message $message, User $by): void
    {
        $this->change($message, $by, MessageStepKind::Released, null, static function (Message $row): array {
            self::leads($row, MessageState::ToBeSent);
            $row->address !== null || throw MessageMovedOn::withoutAddress();

            return [
                'state' => MessageState::ToBeSent,
                'not_before' => null,
                'failures' => 0,
                'next_try_at' => null,
                'problem' => null,
            ];
        });
        SendMessages::dispatch();
    }

    public function drop(Message $message, User $by): void
    {
        $this->change($message, $by, MessageStepKind::Dropped, null, static function (Message $row): array {
            self::leads($row, MessageState::Dropped);

            return ['state' => MessageState::Dropped];
        });
    }

    /** It waits for somebody again. */
    public function hold(Message $message, User $by): void
    {
        $this->change($message, $by, MessageStepKind::Held, null, static function (Message $row): array {
            self::leads($row, MessageState::Held);

            return ['state' => MessageState::Held];
        });
    }

    /** It goes by itself, but not before a moment. */
    public function postpone(Message $message, CarbonImmutable $to, User $by): void
    {
        $this->change($message, $by, MessageStepKind::Postponed, $to->toIso8601ZuluString(), static function (
            Message $row,
        ) use ($to): array {
            $row->state === MessageState::ToBeSent || self::leads($row, MessageState::ToBeSent);
            $row->address !== null || throw MessageMovedOn::withoutAddress();

            return ['state' => MessageState::ToBeSent, 'not_before' => $to, 'next_try_at' => null];
        });
    }

    /**
     * Says something else for this once; what it said at first is kept beside it.
     *
     * @param bool $goes and then it goes, or nothing is changed
     */
    public function edit(Message $message, EditedMessage $as, bool $goes, User $by): void
    {
        DB::transaction(function () use ($message, $as, $goes, $by): void {
            $this->write($message, $as, $by);
            if ($goes) {
                $this->release($message, $by);
            }
        }, attempts: 3);
    }

    private function write(Message $message, EditedMessage $as, User $by): void
    {
        $this->change($message, $by, MessageStepKind::Edited, null, static function (Message $row) use ($as): array {
            ($row->state->isOpen() && $row->lease === null) || throw MessageMovedOn::since($row);

            return [
                'address' => $as->address,
                'subject' => $as->subject,
                'text' => $as->text,
                'files' => $as->files,
                'said' => $row->said ?? ($as->text === $row->text ? null : $row->text),
            ];
        });
    }

    /** @param callable(Message): array<string, mixed> $values of the message as it is by now */
    private function change(Message $message, User $by, MessageStepKind $step, ?string $note, callable $values): void
    {
        DB::transaction(static function () use ($message, $by, $step, $note, $values): void {
            $row = Message::query()->lockForUpdate()->findOrFail($message->id);
            $row->update($values($row));
            $row->putDown($step, CarbonImmutable::now(), $note, $by);
        }, attempts: 3);
    }

    /** @throws MessageMovedOn where it is on its way this very moment, or in no state for it */
    private static function leads(Message $row, MessageState $to): void
    {
        $sending = $row->lease !== null && $row->lease_until?->isFuture() === true;
        if ($sending || !$row->state->leadsTo($to)) {
            throw MessageMovedOn::since($row);
        }
    }
}
