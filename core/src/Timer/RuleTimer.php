<?php

declare(strict_types=1);

namespace OpenBaton\Core\Timer;

use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Rulebook\PartFormat;

/** A timer of a rule: one of its events that the clock brings about. */
final readonly class RuleTimer
{
    /** Tells it from every other; the same in every version that has the same timer in the same rule. */
    public string $id;

    /** @param int $since instant before which it does not fire: when the first version with it was published */
    public function __construct(public string $ruleId, public DateReached|Schedule $event, public int $since = 0)
    {
        $this->id = self::id($ruleId, $event);
    }

    public static function id(string $ruleId, DateReached|Schedule $event): string
    {
        return hash('sha256', json_encode([$ruleId, PartFormat::write($event)], JSON_THROW_ON_ERROR));
    }
}
