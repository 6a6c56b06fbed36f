<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PeopleOrTeam;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;

/** Somebody else is in a seat of the task. */
abstract readonly class SeatChanges implements EventKind
{
    /**
     * @param PeopleGroup|null $from null: whoever it was
     * @param PeopleGroup|null $to   null: whoever it is
     */
    final public function __construct(public ?PeopleGroup $from = null, public ?PeopleGroup $to = null) {}

    /** Who is in the seat. */
    abstract protected static function seated(Subject $subject): ?string;

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
            ($this->from === null || $this->from->has(self::before($change), $change->facts)) &&
            ($this->to === null || $this->to->has(static::seated($change->after), $change->facts));
    }

    public static function occasion(ChangeSet $change): bool
    {
        return self::before($change) !== static::seated($change->after);
    }

    private static function before(ChangeSet $change): ?string
    {
        return $change->before === null ? null : static::seated($change->before);
    }
}
