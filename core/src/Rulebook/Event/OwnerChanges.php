<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Rulebook\PeopleGroup;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\SubjectKind;

/** Somebody else, or nobody, owns the case, or looks after the customer. */
final readonly class OwnerChanges extends SeatChanges implements OfSeveral
{
    use OnSeveral;

    public function __construct(?PeopleGroup $from = null, ?PeopleGroup $to = null, public ?SubjectKind $of = null)
    {
        parent::__construct($from, $to);
    }

    public static function kind(): string
    {
        return 'owner_changes';
    }

    public static function subjects(): array
    {
        return [SubjectKind::Matter, SubjectKind::Customer];
    }

    public static function parameters(): array
    {
        return [...parent::parameters(), self::of()];
    }

    protected static function seat(): SeatName
    {
        return SeatName::Owner;
    }
}
