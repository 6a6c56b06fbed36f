<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Date;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Flow\Run\Run;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\OffsetType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TimeOfDayType;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;

/** At a distance from a date field of the subject, following it. */
final readonly class ByField implements StepDate
{
    public Follow $follow;

    /** @param string $field path of a date */
    public function __construct(public string $field, public Offset $offset, public ?TimeOfDay $time = null)
    {
        $this->follow = new Follow($field, $offset, $time);
    }

    public static function kind(): string
    {
        return 'by_field';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('field', new FieldReference(FieldType::Date)),
            Parameter::required('offset', new OffsetType()),
            Parameter::optional('time', new TimeOfDayType(), null),
        ];
    }

    public function hangsOn(): ?string
    {
        return null;
    }

    public function instant(string $step, Run $run, RunMoment $moment): ?int
    {
        return $moment->follows($this->follow);
    }
}
