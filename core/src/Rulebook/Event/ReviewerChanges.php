<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\PeopleOrTeam;
use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Subject\ChangeSet;

/** Somebody else, or nobody, reviews it. */
final readonly class ReviewerChanges implements EventKind
{
    /**
     * @param PeopleGroup|null $from null: whoever it was
     * @param PeopleGroup|null $to   null: whoever it is
     */
    public function __construct(public ?PeopleGroup $from = null, public ?PeopleGroup $to = null) {}

    public static function kind(): string
    {
        return 'reviewer_changes';
    }

    public static function parameters(): array
    {
        return [
            Parameter::optional('from', new PeopleOrTeam(), null),
            Parameter::optional('to', new PeopleOrTeam(), null),
        ];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change)
            && ($this->from === null || $this->from->has($change->before?->reviewerId, $change->facts))
            && ($this->to === null || $this->to->has($change->after->reviewerId, $change->facts));
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->before?->reviewerId !== $change->after->reviewerId;
    }
}
