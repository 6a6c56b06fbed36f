<?php

declare(strict_types=1);

namespace App\Notices;

use App\Models\Events\NewsChoice;
use App\Models\Events\NewsSort;
use App\Models\House\House;
use OpenBaton\Core\Message\Channel;

/** By which channels somebody hears of each sort of news: what they chose, and what the house wants of all. */
final readonly class NewsChannels
{
    /** @param array<string, list<string>> $channels by sort */
    private function __construct(private array $channels) {}

    public static function of(?NewsChoice $choice, ?House $house): self
    {
        $own = self::read($choice?->channels);
        $all = self::read($house?->obligatory_news);
        $channels = [];
        foreach (NewsSort::cases() as $sort) {
            $channels[$sort->value] = array_values(
                array_unique([...$all[$sort->value] ?? [], ...$own[$sort->value] ?? []]),
            );
        }

        return new self($channels);
    }

    /**
     * @param mixed $kept as it lies in a column
     *
     * @return array<string, list<string>> channels by sort, of those that there are
     */
    public static function read(mixed $kept): array
    {
        $read = [];
        foreach (is_array($kept) ? $kept : [] as $sort => $channels) {
            if (NewsSort::tryFrom((string) $sort) !== null && is_array($channels)) {
                $read[(string) $sort] = array_column(Channel::among($channels), 'value');
            }
        }

        return $read;
    }

    /** @return list<Channel> */
    public function for(NewsSort $sort): array
    {
        return array_map(Channel::from(...), $this->channels[$sort->value] ?? []);
    }
}
