<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

use OpenBaton\Core\Routing\Event;
use OpenBaton\Core\Rulebook\CompiledRulebook;

/**
 * Which rule catches which of recorded events: the first that holds and gives,
 * whether or not it would find somebody on the day.
 */
final class CatchReplay
{
    /**
     * @param iterable<Event> $events
     *
     * @return array<string, int|null> position of the rule by id of the event; null: no rule
     */
    public static function of(CompiledRulebook $rulebook, iterable $events): array
    {
        $caught = [];
        foreach ($events as $event) {
            $caught[$event->id] = null;
            foreach ($rulebook->holding($event) as $position => $rule) {
                if ($rule->give !== null) {
                    $caught[$event->id] = $position;
                    break;
                }
            }
        }

        return $caught;
    }
}
