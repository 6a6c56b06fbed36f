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
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Message\HarmlessText;
use OpenBaton\Core\Message\Recipient;
use OpenBaton\Core\Message\RecipientKind;
use OpenBaton\Core\Workload\Priority;

/**
 * Tells people by the channels that they have chosen what has come since: one message by each channel, however much it
 * is. In their quiet time it waits, but for what is urgent where they want that. Where they want a summary when their
 * day begins, that stands for what came before.
 */
final readonly class TellNews
{
    /** People in one go, and lines in one message. */
    private const PEOPLE = 500;
    private const LINES = 30;

    public function __construct(
        private Houses $houses,
        private Addresses $addresses,
        private KeepMessage $keep,
        private SummaryPeople $summaryPeople,
    ) {}

    public function __invoke(CarbonImmutable $now): void
    {
        $row = House::query()->first();
        $waiting = array_values(
            Notice::query()
                ->where('waits', true)
                ->distinct()
                ->limit(self::PEOPLE)
                ->get(['person_id'])
                ->map(static fn(Notice $one): string => $one->person_id)
                ->all(),
        );
        foreach (array_chunk([...$waiting, ...$this->summaryPeople->besides($waiting, $row, $now)], 100) as $ids) {
            $this->some($ids, $row, $now);
        }
    }

    /** @param list<mixed> $ids of people */
    private function some(array $ids, ?House $row, CarbonImmutable $now): void
    {
        $house = $this->houses->recent();
        $choices = NewsChoice::query()->findMany($ids)->keyBy('person_id');
        $listeners = [];
        foreach (Person::query()->with('user')->findMany($ids) as $person) {
            $listener = Listener::of($person, $choices->get($person->id), $row, $house, $now);
            if (!$listener->quiet || $listener->urgentPasses) {
                $listeners[] = $listener;
            }
        }
        $summaries = Summaries::of(
            array_values(array_filter($listeners, static fn(Listener $one): bool => $one->sums)),
            $now,
        );
        foreach ($listeners as $listener) {
            $this->tell($listener, $summaries[$listener->person->id] ?? null, $now);
        }
    }

    private function tell(Listener $listener, ?Summary $summary, CarbonImmutable $now): void
    {
        DB::transaction(function () use ($listener, $summary, $now): void {
            if ($summary !== null && !$this->summaryPeople->takes($listener, $now)) {
                // Another worker was there first.
                return;
            }
            $notices = Notice::query()
                ->where('waits', true)
                ->where('person_id', $listener->person->id)
                ->with([
                    'task:id,number,title,priority',
                    'case:id,number,title',
                    'customer:id,slug,name',
                    'other:id,name',
                ])
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
                ->filter(
                    static fn(Notice $one): bool => !$listener->quiet || $one->task?->priority === Priority::Urgent,
                );
            foreach (Channel::cases() as $channel) {
                if ($summary !== null && in_array($channel, $listener->summary(), true)) {
                    $this->sum($listener, $channel, $summary, $now);
                } else {
                    $this->gather($listener, $channel, $notices, $now);
                }
            }
            Notice::query()
                ->whereKey($notices->modelKeys())
                ->update(['waits' => false]);
        }, attempts: 3);
    }

    /** @param Collection<int, Notice> $notices all that wait */
    private function gather(Listener $listener, Channel $channel, Collection $notices, CarbonImmutable $now): void
    {
        $notices = $notices
            ->filter(
                static fn(Notice $one): bool => in_array(
                    $channel,
                    [...$listener->channels->for(NewsSort::of($one->kind)), ...Channel::among((array) $one->channels)],
                    true,
                ),
            )
            ->values();
        if ($notices->isEmpty()) {
            return;
        }
        $words = $listener->words();
        $lines = $notices
            ->take(self::LINES)
            ->map(static fn(Notice $one): string => NoticeText::line($one, $words))
            ->all();
        $more = $notices->count() - count($lines);
        if ($more > 0) {
            $lines[] = $words->say('notice.more', ['count' => $more]);
        }
        $this->send(
            $listener,
            $channel,
            "news {$listener->person->id} {$channel->value} {$notices->last()->id}",
            $notices->count() === 1 ? $lines[0] : $words->say('news.gathered', ['count' => $notices->count()]),
            implode("\n", $lines),
            $now,
        );
    }

    private function sum(Listener $listener, Channel $channel, Summary $summary, CarbonImmutable $now): void
    {
        if ($summary->isEmpty()) {
            return;
        }
        $words = $listener->words();
        $headline = $summary->headline($words);
        $text = $summary->text($words);
        $this->send(
            $listener,
            $channel,
            "summary {$listener->person->id} {$channel->value} {$now->getTimestamp()}",
            $headline,
            match ($channel) {
                Channel::Mail => $text,
                Channel::Chat => "{$headline}\n\n{$text}",
                Channel::Text => $headline,
            },
            $now,
        );
    }

    private function send(
        Listener $listener,
        Channel $channel,
        string $cause,
        string $subject,
        string $text,
        CarbonImmutable $now,
    ): void {
        $to = $this->addresses->ofPerson($listener->person, $channel);
        if ($to->address === null) {
            // The page on which they choose says that it does not reach them.
            return;
        }
        ($this->keep)($cause, new Recipient(RecipientKind::Person, $listener->person->id), $to, $channel, $now, false, [
            'subject' => $channel->hasSubject() ? HarmlessText::line($subject, TextLimits::NAME) : null,
            'text' => HarmlessText::prose($text, $channel->most()),
        ]);
    }
}
