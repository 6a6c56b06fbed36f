<?php

declare(strict_types=1);

namespace App\Tables;

use OpenBaton\Core\Document\Day;
use OpenBaton\Core\Refusal;

/**
 * A date as people write it in a spreadsheet, with or without a time after it: 2026-03-09, 9. 3. 2026,
 * 3/9/2026 2:30 PM.
 */
final readonly class WrittenDate
{
    private const YEAR_FIRST = '#^(\d{4})([-/.])(\d{1,2})\2(\d{1,2})(?:[T ]+(.+))?$#';
    private const YEAR_LAST = '#^(\d{1,2})([-/.])(\d{1,2})\2(\d{4})(?:,? +(.+))?$#';
    private const TIME = '#^(\d{1,2})[:.](\d{2})(?:[:.]\d{2}(?:\.\d+)?)?(?: ?([ap])\.?m\.?)?$#i';

    /** Dates whose first two numbers change places with the country. */
    private const EITHER_WAY = '#(?<![\d/-])(\d{1,2})([-/])(\d{1,2})\2\d{4}(?!\d)#';

    /** @param string|null $time HH:MM */
    private function __construct(public string $day, public ?string $time) {}

    /** @throws Refusal where it is none, or it can't be told which */
    public static function of(string $text, ?bool $dayFirst): self
    {
        $plain = (string) preg_replace('/(?<=\d\.) +(?=\d)/', '', trim($text));
        if (preg_match(self::YEAR_FIRST, $plain, $parts) === 1) {
            return self::at($text, $parts[1], $parts[3], $parts[4], $parts[5] ?? '');
        }
        if (preg_match(self::YEAR_LAST, $plain, $parts) !== 1) {
            throw self::none($text);
        }
        [, $one, $mark, $other, $year] = $parts;
        $dayFirst = match (true) {
            $mark === '.', (int) $one > 12, $one === $other => true,
            (int) $other > 12 => false,
            default => $dayFirst ??
                throw new Refusal(
                    '"{text}" may be {one} or {other}: write it as one of these.',
                    text: $text,
                    one: self::format($year, $other, $one),
                    other: self::format($year, $one, $other),
                ),
        };

        return $dayFirst
            ? self::at($text, $year, $other, $one, $parts[5] ?? '')
            : self::at($text, $year, $one, $other, $parts[5] ?? '');
    }

    /** Whether dates with the year at the end begin with the day, by one that can be nothing else; null: not told. */
    public static function dayFirst(string $table): ?bool
    {
        preg_match_all(self::EITHER_WAY, $table, $found);
        $first = max([0, ...array_map(intval(...), $found[1])]) > 12;
        $second = max([0, ...array_map(intval(...), $found[3])]) > 12;

        return $first === $second ? null : $first;
    }

    private static function at(string $text, string $year, string $month, string $day, string $time): self
    {
        if (!Day::isWithin((int) $year) || !checkdate((int) $month, (int) $day, (int) $year)) {
            throw self::none($text);
        }

        return new self(self::format($year, $month, $day), $time === '' ? null : self::time($time, $text));
    }

    private static function time(string $time, string $text): string
    {
        if (preg_match(self::TIME, $time, $parts) !== 1) {
            throw self::none($text);
        }
        $half = strtolower($parts[3] ?? '');
        $hour = $half === '' ? (int) $parts[1] : ((int) $parts[1] % 12) + ($half === 'p' ? 12 : 0);
        if ($hour > 23 || (int) $parts[2] > 59 || ($half !== '' && ((int) $parts[1] > 12 || (int) $parts[1] < 1))) {
            throw self::none($text);
        }

        return sprintf('%02d:%s', $hour, $parts[2]);
    }

    private static function format(string $year, string $month, string $day): string
    {
        return sprintf('%s-%02d-%02d', $year, (int) $month, (int) $day);
    }

    private static function none(string $text): Refusal
    {
        return new Refusal('"{text}" is not a date such as 2026-03-09 or 2026-03-09 14:30.', text: $text);
    }
}
