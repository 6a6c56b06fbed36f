<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\OffsetType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TimeOfDayType;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;

/** Due at a distance from a date field. */
abstract readonly class DueByDate implements SetsDue
{
    /** @param TimeOfDay|null $time null: the end of work */
    final public function __construct(public string $dateField, public Offset $offset, public ?TimeOfDay $time = null)
    {
        $offset->mustGoWith($time);
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('date_field', new FieldReference(FieldType::Date)),
            Parameter::required('offset', new OffsetType()),
            Parameter::optional('time', new TimeOfDayType(), null),
        ];
    }

    protected function follow(): Follow
    {
        return new Follow($this->dateField, $this->offset, $this->time);
    }
}
