<?php

declare(strict_types=1);

namespace App\Clock;

use App\People\RosterImported;
use App\Rules\RulebookPublished;

/**
 * Whenever rules are published or the calendars may have changed, it is worked out in the background when something
 * next happens to the tasks that are there.
 */
final class FindNextMoments
{
    public function handle(RulebookPublished|RosterImported $event): void
    {
        WorkOutNextMoments::dispatch($event->at);
    }
}
