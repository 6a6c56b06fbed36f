<?php

declare(strict_types=1);

namespace App\Calendar;

use DateTimeImmutable;
use DateTimeZone;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Refusal;
use OpenBaton\Core\Time\BoundedRule;
use OpenBaton\Core\Time\Steps;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Property\ICalendar\DateTime as CalendarTime;

/**
 * What recurs in a calendar, gone through in so many steps before the library
 * expands it: that looks without end for what never comes.
 */
final readonly class CalendarRecurrence
{
    private const MOST_STEPS = 10_000;

    private const MOST_STEPS_IN_ALL = 500_000;

    private Steps $inAll;

    /** @param DateTimeImmutable $end until when it is looked at */
    public function __construct(private DateTimeZone $zone, private DateTimeImmutable $end)
    {
        $this->inAll = new Steps(self::MOST_STEPS_IN_ALL);
    }

    /**
     * @throws Refusal       where it does not come, or can't be worked out
     * @throws DocumentError where all of the calendar is too much
     */
    public function mustCome(VEvent $event): void
    {
        $start = $event->DTSTART ?? null;
        $rule = EventText::text($event, 'RRULE');
        if ($rule === '' || !($start instanceof CalendarTime)) {
            return;
        }
        try {
            $days = new BoundedRule($rule, $start->getDateTime($this->zone), new Steps(self::MOST_STEPS, $this->inAll));
            while ($days->valid() && $days->current() < $this->end) {
                $days->next();
            }
        } catch (Refusal $refusal) {
            throw $this->inAll->areLeft()
                ? $refusal
                : DocumentError::at('', 'What recurs in it is too much for one calendar; send it in parts.');
        }
    }
}
