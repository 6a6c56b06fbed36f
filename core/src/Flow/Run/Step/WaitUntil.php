<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Step;

use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Parameter\FieldReference;
use OpenBaton\Core\Parameter\OffsetType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\TimeOfDayType;
use OpenBaton\Core\Parameter\WorkingSpanType;
use OpenBaton\Core\Subject\Follow;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\WorkingSpan;

/** Waits until a distance from a date, following it; while there is none it goes on waiting. */
final readonly class WaitUntil implements Waits
{
    private Follow $follow;

    /**
     * @param string           $field  path of a date
     * @param WorkingSpan|null $latest working time after which it goes on in any case
     */
    public function __construct(
        public string $field,
        public Offset $offset,
        public ?TimeOfDay $time = null,
        public ?WorkingSpan $latest = null,
    ) {
        $this->follow = new Follow($field, $offset, $time);
    }

    public static function kind(): string
    {
        return 'wait_until';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('field', new FieldReference(FieldType::Date)),
            Parameter::required('offset', new OffsetType()),
            Parameter::optional('time', new TimeOfDayType(), null),
            Parameter::optional('latest', new WorkingSpanType(), null),
        ];
    }

    public function datesHangOn(): array
    {
        return [];
    }

    public function look(int $since, RunMoment $moment, array $answers): Waiting
    {
        $at = $moment->follows($this->follow);

        return Waiting::at(
            $moment->at,
            $at !== null && $moment->at >= $at,
            $at,
            WaitFor::after($this->latest, $since, $moment),
        );
    }
}
