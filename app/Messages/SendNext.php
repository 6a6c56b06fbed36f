<?php

declare(strict_types=1);

namespace App\Messages;

use App\Bridge\Houses;
use App\Models\Messages\Message;
use App\Models\Messages\MessageStepKind;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Str;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\Tries;
use Throwable;

/**
 * Sends the next message that is due: takes it under a lock with a lease, sends it without one, puts down what came of
 * it. A worker that dies in between leaves a lease that runs out; the next try bears the same sign, by which the
 * channel knows that it has it already. To one recipient by one channel messages go in the order in which they were
 * made.
 */
final readonly class SendNext
{
    private const LEASE_SECONDS = 120;

    public function __construct(private ReasonGone $reasons, private Houses $houses) {}

    /** @return bool whether there was one */
    public function __invoke(): bool
    {
        $message = $this->take();
        if ($message === null) {
            return false;
        }
        $gone = $message->not_before === null && $message->reminder_id === null ? null : $this->reasonGone($message);
        if ($gone !== null) {
            if ($message->reminder_id !== null && $gone === ReasonGone::DATE) {
                $this->putDown($message, MessageStepKind::Dropped, $gone, ['state' => MessageState::Dropped]);

                return true;
            }
            // It was put off, and what it was for is no longer so: it goes only if somebody says so.
            $this->putDown($message, MessageStepKind::Held, $gone, ['state' => MessageState::Held]);

            return true;
        }
        try {
            Notification::route('mail', $message->address)->notifyNow(new OutgoingMessage($message));
            $this->sent($message);
        } catch (Throwable $error) {
            $this->failed($message, ChannelFailed::of($error));
        }

        return true;
    }

    private function take(): ?Message
    {
        return DB::transaction(static function (): ?Message {
            $now = CarbonImmutable::now();
            $earlier = Message::query()
                ->from('messages as earlier')
                ->whereColumn('earlier.recipient', 'messages.recipient')
                ->whereColumn('earlier.channel', 'messages.channel')
                ->whereColumn('earlier.id', '<', 'messages.id')
                ->whereIn('earlier.state', MessageState::ON_ITS_WAY)
                ->where(
                    static fn($any) => $any->whereNull('earlier.not_before')->orWhere('earlier.not_before', '<=', $now),
                );
            $next = Message::query()
                ->due($now)
                ->whereNotExists($earlier->toBase())
                ->orderBy('id')
                ->lock('for update skip locked');
            // Each is found by the index alone, however many wait: nothing is sorted under the lock.
            $message =
                $next->clone()->where('state', MessageState::ToBeSent)->whereNull('next_try_at')->first() ??
                $next->where('state', MessageState::Failed)->first();
            $message?->update([
                'lease' => (string) Str::ulid(),
                'lease_until' => $now->addSeconds(self::LEASE_SECONDS),
            ]);

            return $message;
        }, attempts: 3);
    }

    private function reasonGone(Message $message): ?string
    {
        return $this->reasons->of($message->loadMissing(ReasonGone::relations()), $this->houses->now());
    }

    private function sent(Message $message): void
    {
        $this->putDown($message, MessageStepKind::Sent, null, [
            'state' => MessageState::Sent,
            'sent_at' => CarbonImmutable::now(),
            'problem' => null,
            'next_try_at' => null,
        ]);
    }

    private function failed(Message $message, ChannelFailed $why): void
    {
        $failures = $message->failures + 1;
        $now = CarbonImmutable::now();
        $next = $why->forGood ? null : Tries::next($failures, $now->getTimestamp());
        $this->putDown(
            $message,
            $next === null ? MessageStepKind::GivenUp : MessageStepKind::Failed,
            $why->getMessage(),
            [
                'state' => $next === null ? MessageState::GivenUp : MessageState::Failed,
                'failures' => $failures,
                'next_try_at' => $next === null ? null : CarbonImmutable::createFromTimestampUTC($next),
                'problem' => $why->getMessage(),
                'to_tell_rules' => $next === null,
            ],
        );
    }

    /** @param array<string, mixed> $values */
    private function putDown(Message $message, MessageStepKind $step, ?string $note, array $values): void
    {
        DB::transaction(static function () use ($message, $step, $note, $values): void {
            $row = Message::query()->lockForUpdate()->find($message->id);
            // Where its lease has run out another worker has it.
            if ($row === null || $row->lease !== $message->lease) {
                return;
            }
            $row->update($values + ['lease' => null, 'lease_until' => null]);
            $row->putDown($step, CarbonImmutable::now(), $note);
        }, attempts: 3);
    }
}
