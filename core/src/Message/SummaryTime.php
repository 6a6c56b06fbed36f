<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

use OpenBaton\Core\Time\Zone;

/** When somebody gets the summary of their morning: once a day on which they work, as soon as they may be reached. */
final class SummaryTime
{
    /**
     * @param int $last instant of the last one
     * @param int $now  instant
     */
    public static function hasCome(int $last, int $now, Zone $zone, QuietHours $quiet): bool
    {
        return $last < $now && $zone->dateAt($last)->day < $zone->dateAt($now)->day && !$quiet->includes($now);
    }
}
