<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;

/** The calendars of a roster document. Those who work alike share one, and with it what it has found out. */
final class Calendars
{
    /** @var array<string, WorkCalendar> */
    private array $known = [];

    /** @see HoursFormat::calendar() */
    public function of(Node $node, Zone $zone, ?Node $fallback = null, ?Node $named = null): WorkCalendar
    {
        $own = static fn(string $key): mixed => $node->has($key)
            ? $node->get($key)->value
            : $fallback?->find($key)?->value;
        $alike = serialize([
            $zone->name,
            $own('hours'),
            $node->has('holidays') || $named === null ? $own('holidays') : $named->get('holidays')->value,
            $node->find('exceptions')?->value,
        ]);

        return $this->known[$alike] ??= HoursFormat::calendar($node, $zone, $fallback, $named);
    }
}
