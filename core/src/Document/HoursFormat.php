<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Time\DateException;
use OpenBaton\Core\Time\LocalDate;
use OpenBaton\Core\Time\MinuteRange;
use OpenBaton\Core\Time\WeeklyPattern;
use OpenBaton\Core\Time\WorkCalendar;
use OpenBaton\Core\Time\Zone;

/** Working hours: weekly patterns by date, exceptions and holidays. */
final class HoursFormat
{
    public const MEMBERS = ['hours', 'holidays', 'exceptions'];

    /** After which a pattern comes back. */
    private const MOST_WEEKS = 8;

    private const WEEKDAYS = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    public static function zone(Node $node): Zone
    {
        return $node->refuse(static fn(): Zone => new Zone($node->text()));
    }

    public static function date(Node $node): LocalDate
    {
        return Day::read($node);
    }

    /**
     * @param Node      $node     has "hours", "exceptions" and "holidays", each of which may be missing
     * @param Node|null $fallback where "hours" and "holidays" are taken from if they are
     * @param Node|null $named    where "holidays" are taken from before that
     */
    public static function calendar(Node $node, Zone $zone, ?Node $fallback = null, ?Node $named = null): WorkCalendar
    {
        $hours = $node->has('hours') || $fallback === null ? $node : $fallback;
        $holidays = $node->has('holidays') ? $node : $named ?? ($fallback ?? $node);

        return $node->refuse(
            static fn(): WorkCalendar => new WorkCalendar(
                $zone,
                array_map(self::pattern(...), array_values(Format::distinct($hours->itemsOf('hours'), 'from'))),
                array_map(self::exception(...), $node->itemsOf('exceptions')),
                array_map(self::date(...), $holidays->itemsOf('holidays')),
            ),
        );
    }

    private static function pattern(Node $node): WeeklyPattern
    {
        $node->only(['from', 'then', ...array_keys(self::WEEKDAYS)]);
        $then = array_map(static function (Node $week): array {
            $week->only(array_keys(self::WEEKDAYS));

            return self::week($week);
        }, $node->itemsOf('then'));
        if (count($then) >= self::MOST_WEEKS) {
            throw $node->get('then')->fail('A pattern comes back after {most} weeks at most.', most: self::MOST_WEEKS);
        }

        return new WeeklyPattern(self::date($node->get('from')), self::week($node), $then);
    }

    /** @return array<int, list<MinuteRange>> by weekday */
    private static function week(Node $node): array
    {
        $shifts = [];
        foreach (self::WEEKDAYS as $name => $weekday) {
            $shifts[$weekday] = self::ranges($node, $name);
        }

        return $shifts;
    }

    private static function exception(Node $node): DateException
    {
        $node->only(['date', 'add', 'remove']);

        return new DateException(
            self::date($node->get('date')),
            self::ranges($node, 'add'),
            self::ranges($node, 'remove'),
        );
    }

    /** @return list<MinuteRange> */
    private static function ranges(Node $node, string $key): array
    {
        return array_map(
            static fn(Node $range): MinuteRange => $range->refuse(
                static fn(): MinuteRange => MinuteRange::parse($range->text()),
            ),
            $node->itemsOf($key),
        );
    }
}
