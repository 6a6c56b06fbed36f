<?php

declare(strict_types=1);

namespace App\Reminders;

use App\Models\Reminders\Audience;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Text\MergedText;

/** When a reminder is given, to whom, and what it says. */
final readonly class ReminderTerms
{
    /** @param list<Channel> $channels besides the product itself */
    public function __construct(
        public Audience $audience,
        public DateReached $on,
        public array $channels,
        public ?MergedText $text,
    ) {}

    /** @return array<string, mixed> */
    public function columns(): array
    {
        return [
            'audience' => $this->audience,
            'field' => $this->on->field,
            'offset' => $this->on->offset->format(),
            'time' => $this->on->time?->format(),
            'channels' => array_column($this->channels, 'value'),
            'text' => $this->text?->text,
        ];
    }
}
