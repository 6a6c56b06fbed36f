<?php

declare(strict_types=1);

namespace App\Calendar;

/** A time that a calendar says somebody is away. */
final readonly class CalendarEvent
{
    /**
     * @param string $key tells it from every other of its calendar: its UID, and of one that recurs when it would begin
     * @param list<string> $who      addresses and names that it gives, in small letters
     * @param string|null  $firstDay YYYY-MM-DD, of whole days; else null, as the last one is
     * @param int|null     $from     instant; null: whole days
     */
    public function __construct(
        public string $key,
        public int $sequence,
        public array $who,
        public string $title,
        public bool $cancelled,
        public ?string $firstDay,
        public ?string $lastDay,
        public ?int $from = null,
        public ?int $to = null,
    ) {}

    /** As the table of entries knows it. */
    public function hash(): string
    {
        return hash('sha256', $this->key);
    }
}
