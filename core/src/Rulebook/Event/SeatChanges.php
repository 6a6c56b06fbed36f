<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PeopleOrTeam;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Passing;

/** Somebody else is in a seat. */
abstract readonly class SeatChanges implements EventKind
{
    /**
     * @param PeopleGroup|null $from null: whoever it was
     * @param PeopleGroup|null $to   null: whoever it is
     */
    public function __construct(public ?PeopleGroup $from = null, public ?PeopleGroup $to = null) {}

    abstract protected static function seat(): SeatName;

    public static function parameters(): array
    {
        return [
            Parameter::optional('from', new PeopleOrTeam(), null),
            Parameter::optional('to', new PeopleOrTeam(), null),
        ];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return static::occasion($change) &&
            ($this->from === null || $this->from->hasAny(self::gone($change), $change->facts)) &&
            ($this->to === null || $this->to->hasAny(self::come($change), $change->facts));
    }

    public static function occasion(ChangeSet $change): bool
    {
        return self::gone($change) !== [] || self::come($change) !== [];
    }

    /** @return list<string> who was in the seat, and is no longer */
    private static function gone(ChangeSet $change): array
    {
        return Passing::left(self::before($change), $change->after->inSeat(static::seat()));
    }

    /** @return list<string> who is in the seat, and was not */
    private static function come(ChangeSet $change): array
    {
        return Passing::came(self::before($change), $change->after->inSeat(static::seat()));
    }

    /** @return list<string> */
    private static function before(ChangeSet $change): array
    {
        return $change->before === null ? [] : $change->before->inSeat(static::seat());
    }
}
