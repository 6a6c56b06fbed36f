<?php

declare(strict_types=1);

namespace App\Notices;

use App\Bridge\Houses;
use App\Messages\Addresses;
use App\Messages\KeepMessage;
use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\Events\Notice;
use App\Models\House\House;
use App\Models\People\Person;
use App\Words\Locales;
use App\Words\Words;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\MessageState;
use OpenBaton\Core\Message\QuietHours;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Workload\Priority;

/**
 * Tells people by the channels that they have chosen what has come since: one message by each channel, however much it
 * is. In their quiet time it waits, but for what is urgent where they want that.
 */
final readonly class TellNews
{
    /** People in one go, and lines in one message. */
    private const PEOPLE = 500;
    private const LINES = 30;

    public function __construct(private Houses $houses, private Addresses $addresses, private KeepMessage $keep) {}

    public function __invoke(CarbonImmutable $now): void
    {
        $waiting = Notice::query()->where('waits', true)->distinct()->limit(self::PEOPLE)->pluck('person_id');
        if ($waiting->isEmpty()) {
            return;
        }
        $roster = $this->houses->recent()->snapshot->roster;
        $house = House::query()->first();
        $choices = NewsChoice::query()->findMany($waiting)->keyBy('person_id');
        foreach (Person::query()->with('user')->findMany($waiting) as $person) {
            $choice = $choices->get($person->id);
            $quiet =
                !isset($roster->people[$person->slug]) ||
                (new QuietHours(
                    $roster->presenceOf($person->slug),
                    self::time($choice?->quiet_from),
                    self::time($choice?->quiet_to),
                ))->includes($now->getTimestamp());
            if (!$quiet || $choice?->urgent_passes === true) {
                $this->tell($person, NewsChannels::of($choice, $house), $quiet, $now);
            }
        }
    }

    private static function time(mixed $kept): ?TimeOfDay
    {
        return is_string($kept) ? TimeOfDay::parse($kept) : null;
    }

    /** @param bool $urgent what is urgent alone */
    private function tell(Person $person, NewsChannels $channels, bool $urgent, CarbonImmutable $now): void
    {
        DB::transaction(function () use ($person, $channels, $urgent, $now): void {
            $notices = Notice::query()
                ->where('waits', true)
                ->where('person_id', $person->id)
                ->with(['task', 'other'])
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->filter(static fn(Notice $one): bool => !$urgent || $one->task?->priority === Priority::Urgent);
            foreach (Channel::cases() as $channel) {
                $of = $notices->filter(
                    static fn(Notice $one): bool => in_array($channel, $channels->for(NewsSort::of($one->kind)), true),
                );
                if ($of->isNotEmpty()) {
                    $this->send($person, $channel, $of->values(), $now);
                }
            }
            Notice::query()
                ->whereKey($notices->modelKeys())
                ->update(['waits' => false]);
        }, attempts: 3);
    }

    /** @param Collection<int, Notice> $notices */
    private function send(Person $person, Channel $channel, Collection $notices, CarbonImmutable $now): void
    {
        $recipient = new Recipient(RecipientKind::Person, $person->id);
        $to = $this->addresses->ofPerson($person, $channel);
        if ($to->address === null) {
            // The page on which they choose says that it does not reach them.
            return;
        }
        $words = self::wordsOf($person);
        $lines = $notices->take(self::LINES)->map(static fn(Notice $one): string => self::line($one, $words))->all();
        $more = $notices->count() - count($lines);
        if ($more > 0) {
            $lines[] = $words->say('notice.more', ['count' => $more]);
        }
        $subject = $notices->count() === 1 ? $lines[0] : $words->say('news.gathered', ['count' => $notices->count()]);
        ($this->keep)("news {$person->id} {$channel->value} {$notices->last()?->id}", $recipient, $to, $channel, $now, [
            'subject' => $channel->hasSubject() ? HarmlessText::line($subject, TextLimits::NAME) : null,
            'text' => HarmlessText::prose(implode("\n", $lines), $channel->most()),
            'state' => MessageState::ToBeSent,
        ]);
    }

    private static function wordsOf(Person $person): Words
    {
        $locale = $person->user?->locale;

        return new Words(is_string($locale) ? Locales::all()[$locale] ?? null : null);
    }

    private static function line(Notice $notice, Words $words): string
    {
        return "№ {$notice->task?->number} {$notice->task?->title}: " . NoticeText::of($notice, $words);
    }
}
