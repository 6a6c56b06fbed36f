<?php

declare(strict_types=1);

namespace Database\Seeders\Demo;

use App\DomainEvents\HandOut;
use App\Models\Events\Notice;
use App\Models\Events\RecordedEvent;
use Carbon\CarbonImmutable;

/** What people were told of in the weeks of the demo, of which they have read all but the latest. */
final readonly class DemoNotices
{
    /** Since so many working minutes before the demo begins nobody has read anything. */
    public const UNREAD_MINUTES = 240;

    public function __construct(private HandOut $handOut) {}

    /** @param int $until instant */
    public function readUntil(int $until): void
    {
        do {
            ($this->handOut)();
        } while (RecordedEvent::query()->where('id', '>', $this->handOut->position())->exists());
        Notice::query()
            ->where('at', '<', CarbonImmutable::createFromTimestampUTC($until))
            ->update(['seen_at' => CarbonImmutable::now()]);
    }
}
