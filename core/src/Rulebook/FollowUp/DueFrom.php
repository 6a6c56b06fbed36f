<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\FollowUp;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\OffsetType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TimeOfDayType;
use OpenBaton\Core\Subject\Effect\DueImpossible;
use OpenBaton\Core\Subject\Effect\DueSet;
use OpenBaton\Core\Subject\Effect\Effect;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;

/** Due at a distance from a date field, once and for all. */
final readonly class DueFrom implements SetsDue
{
    /** @param TimeOfDay|null $time null: the end of work */
    public function __construct(public string $dateField, public Offset $offset, public ?TimeOfDay $time = null) {}

    public static function kind(): string
    {
        return 'due_from';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('date_field', new FieldReference(FieldType::Date)),
            Parameter::required('offset', new OffsetType()),
            Parameter::optional('time', new TimeOfDayType(), null),
        ];
    }

    public function effect(Situation $situation): Effect
    {
        $due = (new Follow($this->dateField, $this->offset, $this->time))->instant($situation->subject, $situation->roster->house);

        return $due === null ? new DueImpossible() : new DueSet($due);
    }
}
