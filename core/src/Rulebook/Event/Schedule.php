<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Parameter\DateType;
use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\RecurrenceRule;
use OpenBaton\Core\Parameter\TimeOfDayType;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\Recurrence;
use OpenBaton\Core\Time\TimeOfDay;

/** A moment of a recurrence rule comes: it happens to every one that is open, or once, to the house itself. */
final readonly class Schedule implements OfSeveral
{
    use OnSeveral;

    private Recurrence $moments;

    /**
     * @param string $recurrence RFC 5545
     *
     * @throws Refusal where it never comes
     */
    public function __construct(
        public string $recurrence,
        public LocalDate $from,
        public TimeOfDay $time,
        public ?SubjectKind $of = null,
    ) {
        $this->moments = new Recurrence($recurrence, $from, $time);
    }

    public static function kind(): string
    {
        return 'schedule';
    }

    public static function subjects(): array
    {
        return SubjectKind::cases();
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('recurrence', new RecurrenceRule()),
            Parameter::required('from', new DateType()),
            Parameter::required('time', new TimeOfDayType()),
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

    public function moments(): Recurrence
    {
        return $this->moments;
    }
}
