<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\OffsetType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TimeOfDayType;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\OffsetUnit;
use OpenBaton\Core\Time\TimeOfDay;

/**
 * A date field is reached, or is so far away, at a time of day in the zone of the house. A due date counts on open
 * tasks only: it is overdue.
 */
final readonly class DateReached implements OfSeveral
{
    use OnSeveral;

    /** @param TimeOfDay|null $time null: as exact as the field is; of a day, when it begins */
    public function __construct(
        public string $field,
        public Offset $offset = new Offset(0, OffsetUnit::Days),
        public ?TimeOfDay $time = null,
        public ?SubjectKind $of = null,
    ) {
        $offset->mustGoWith($time);
    }

    public static function kind(): string
    {
        return 'date_reached';
    }

    public static function subjects(): array
    {
        return SubjectKind::KEPT;
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('field', new FieldReference(FieldType::Date)),
            Parameter::optional('offset', new OffsetType(), new Offset(0, OffsetUnit::Days)),
            Parameter::optional('time', new TimeOfDayType(), null),
            self::of(),
        ];
    }

    public function isRaisedBy(ChangeSet $change): bool
    {
        return self::occasion($change);
    }

    public static function occasion(ChangeSet $change): bool
    {
        return $change->isTriggeredAs(self::kind());
    }
}
