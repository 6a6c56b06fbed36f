<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use OpenBaton\Core\Refusal;
use Sabre\VObject\InvalidDataException;

/** Moments that come again by a recurrence rule (RFC 5545, 3.3.10), at a time of day in a zone. */
final readonly class Recurrence
{
    public const MOST = 200;

    /** From the first day to the next moment: a daily one for more than a hundred years. */
    private const MOST_STEPS = 60_000;

    private const DAYS = '(MO|TU|WE|TH|FR|SA|SU)(,(MO|TU|WE|TH|FR|SA|SU))*';
    private const NTH_DAYS = '([1-4]|-1)(MO|TU|WE|TH|FR|SA|SU)(,([1-4]|-1)(MO|TU|WE|TH|FR|SA|SU))*';
    private const DAYS_OF_MONTH = '-?([1-9]|1\d|2[0-8])(,-?([1-9]|1\d|2[0-8]))*';

    /**
     * What is taken of RFC 5545: what comes at most daily, goes on for ever and
     * comes in every month that it names. The last day of a month is -1.
     */
    private const FORMS = [
        'FREQ=DAILY(;INTERVAL=\d{1,3})?(;BYDAY=' . self::DAYS . ')?',
        'FREQ=WEEKLY(;INTERVAL=\d{1,3})?(;BYDAY=' . self::DAYS . ')?',
        'FREQ=MONTHLY(;INTERVAL=\d{1,3})?(;BYDAY=' .
        self::NTH_DAYS .
        '|;BYMONTHDAY=' .
        self::DAYS_OF_MONTH .
        '|;BYDAY=' .
        self::DAYS .
        ';BYSETPOS=([1-4]|-1))?',
        'FREQ=YEARLY(;INTERVAL=\d{1,3})?;BYMONTH=([1-9]|1[0-2])(,([1-9]|1[0-2]))*(;BYDAY=' .
        self::NTH_DAYS .
        '|;BYMONTHDAY=' .
        self::DAYS_OF_MONTH .
        ')',
    ];

    /**
     * @param string    $rule such as "FREQ=WEEKLY;BYDAY=MO"
     * @param LocalDate $from the first day on which it may come
     *
     * @throws Refusal
     */
    public function __construct(public string $rule, public LocalDate $from, public TimeOfDay $time)
    {
        self::mustBeKnown($rule);
        $zone = new Zone('UTC');
        try {
            $comes = $this->next($zone->instant($from, 0) - 1, $zone);
        } catch (InvalidDataException $error) {
            throw new Refusal('"{rule}" can\'t be read: {reason}', rule: $rule, reason: $error->getMessage());
        }
        if ($comes === null) {
            throw new Refusal('"{rule}" never comes from {from} on.', rule: $rule, from: $from->format());
        }
    }

    /**
     * Whether it comes depends on the day it is counted from as well.
     *
     * @throws Refusal where it is not of a form that is taken
     */
    public static function mustBeKnown(string $rule): void
    {
        if (preg_match('/^(' . implode('|', self::FORMS) . ')$/D', $rule) !== 1 || str_contains($rule, 'INTERVAL=0')) {
            throw new Refusal(
                '"{rule}" is not a recurrence such as FREQ=WEEKLY;BYDAY=MO,TH or FREQ=MONTHLY;BYMONTHDAY=-1.',
                rule: $rule,
            );
        }
    }

    /**
     * The first moment after $after.
     *
     * @return int|null null: there is none
     */
    public function next(int $after, Zone $zone): ?int
    {
        foreach ($this->moments($zone) as $moment) {
            if ($moment > $after) {
                return $moment;
            }
        }

        return null;
    }

    /** @return iterable<int, LocalDate> its days in order, by how many came before */
    public function dates(): iterable
    {
        $zone = new Zone('UTC');
        foreach ($this->moments($zone) as $moment) {
            yield $zone->dateAt($moment);
        }
    }

    /** @return iterable<int, int> instants in order, as far as they are found in so many steps */
    private function moments(Zone $zone): iterable
    {
        $start = new DateTimeImmutable(
            "{$this->from->format()} {$this->time->format()}",
            new DateTimeZone($zone->name),
        );
        try {
            for (
                $moments = new BoundedRule($this->rule, $start, new Steps(self::MOST_STEPS));
                $moments->valid();
                $moments->next()
            ) {
                $moment = $moments->current();
                if ($moment instanceof DateTimeInterface && $this->isMeant($moment)) {
                    yield $moment->getTimestamp();
                }
            }
        } catch (Refusal) {
            return;
        }
    }

    /**
     * The library gives the first day whether or not the rule names it, and a day near one that a month does not have.
     */
    private function isMeant(DateTimeInterface $moment): bool
    {
        $parts = [];
        foreach (explode(';', $this->rule) as $part) {
            [$name, $values] = explode('=', $part, 2);
            $parts[$name] = explode(',', $values);
        }
        [$day, $last] = [(int) $moment->format('j'), (int) $moment->format('t')];
        $weekday = strtoupper(substr($moment->format('D'), 0, 2));
        $nth = intdiv($day - 1, 7) + 1;
        $named = [$weekday, "{$nth}{$weekday}", "+{$nth}{$weekday}", '-' . (intdiv($last - $day, 7) + 1) . $weekday];

        return (!isset($parts['BYDAY']) || array_intersect($named, $parts['BYDAY']) !== []) &&
            (!isset($parts['BYMONTHDAY']) || array_intersect([$day, $day - $last - 1], $parts['BYMONTHDAY']) !== []) &&
            (!isset($parts['BYSETPOS'], $parts['BYDAY']) ||
                self::position($moment, $parts['BYDAY'], (int) $parts['BYSETPOS'][0])) &&
            (!isset($parts['BYMONTH']) || in_array($moment->format('n'), $parts['BYMONTH'], true));
    }

    /** @param list<string> $weekdays */
    private static function position(DateTimeInterface $moment, array $weekdays, int $position): bool
    {
        $date = LocalDate::parse($moment->format('Y-m-d'));
        $first = $date->startOfMonth();
        $named = [];
        for ($day = $first; $day->day <= $first->endOfMonth()->day; $day = $day->plus(1)) {
            if (in_array(['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'][$day->weekday() - 1], $weekdays, true)) {
                $named[] = $day->day;
            }
        }

        return ($named[$position < 0 ? count($named) + $position : $position - 1] ?? null) === $date->day;
    }
}
