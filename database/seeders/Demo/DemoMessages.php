<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\Messages\EditedMessage;
use App\Messages\SendNext;
use App\Messages\SteerMessage;
use App\Models\Access\User;
use App\Models\Messages\Behaviour;
use App\Models\Messages\Message;
use App\Models\Messages\StandInChannel;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\MessageState;

/** What became of the messages of the demo: most were sent, the latest wait, and texts fail now and then. */
final readonly class DemoMessages
{
    /** Of those that are held so many still are when the demo begins. */
    private const HELD = 12;

    /** The lead looks at them after so many minutes. */
    private const LOOKED_AT = 45;

    /** Minutes after the first at which one is tried that fails each time. */
    private const TRIES = [0, 1, 6, 21, 81];

    public function __construct(private SteerMessage $steer, private SendNext $send) {}

    public function live(User $lead, CarbonImmutable $now): void
    {
        StandInChannel::query()->create(['channel' => Channel::Text->value, 'behaviour' => Behaviour::NowAndThen]);
        $held = Message::query()->where('state', MessageState::Held)->orderBy('id')->get();
        $looks = $held
            ->take(max(0, $held->count() - self::HELD))
            ->mapWithKeys(
                static fn(Message $one): array => [$one->id => $one->at->addMinutes(self::LOOKED_AT)->getTimestamp()],
            )
            ->all();
        // All have been prepared by now; none goes before its moment has come.
        $sends = Message::query()
            ->orderBy('id')
            ->get()
            ->each(static fn(Message $one): bool => $one->update(['lease_until' => $one->at]))
            ->map(static fn(Message $one): int => $one->at->getTimestamp());
        $moments = array_unique([...$sends->all(), ...array_values($looks)]);
        sort($moments);
        foreach (array_filter($moments, static fn(int $at): bool => $at <= $now->getTimestamp()) as $at) {
            DemoClock::at($at);
            foreach (array_keys($looks, $at, true) as $id) {
                $this->lookAt(Message::query()->findOrFail($id), $lead);
            }
            $this->sendAll();
        }
        foreach ($held->reverse()->slice(1, 1) as $fails) {
            $this->keepsFailing($fails, $lead, $now);
        }
        foreach ($held->reverse()->slice(2, 1) as $waits) {
            $this->steer->postpone($waits, $now->addDay()->setTime(9, 0), $lead);
        }
        DemoClock::letGo();
    }

    /** Its next try is hours away. */
    private function keepsFailing(Message $message, User $lead, CarbonImmutable $now): void
    {
        $mail = StandInChannel::query()->create(['channel' => Channel::Mail->value, 'behaviour' => Behaviour::Fails]);
        $begin = $now->getTimestamp() - 60 * max(self::TRIES);
        foreach (self::TRIES as $minute) {
            DemoClock::at($begin + 60 * $minute);
            if ($minute === 0) {
                $this->steer->release($message, $lead);
            }
            $this->sendAll();
        }
        $mail->update(['behaviour' => Behaviour::Takes]);
    }

    private function sendAll(): void
    {
        while (($this->send)()) {
            continue;
        }
    }

    /** The lead sends it; some say something else first, some are not sent. */
    private function lookAt(Message $message, User $lead): void
    {
        if ($message->id % 9 === 0) {
            $this->steer->drop($message, $lead);
        } elseif ($message->id % 5 === 0) {
            $text = "{$message->text}\n\nPlease bring the receipt.";
            $this->steer->edit(
                $message,
                new EditedMessage((string) $message->address, $message->subject, $text),
                true,
                $lead,
            );
        } else {
            $this->steer->release($message, $lead);
        }
    }
}
