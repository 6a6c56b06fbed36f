<?php

declare(strict_types=1);

namespace App\Calendar;

use OpenBaton\Core\Document\DocumentError;

/** How much of a calendar is read at all, told before anything is made of it. */
final class CalendarBounds
{
    public const MOST_BYTES = 2_097_152;

    private const MOST_EVENTS = 5_000;

    private const DEEPEST = 6;

    /** @throws DocumentError where it is more than that, or not text as it should be */
    public static function check(string $text): void
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw DocumentError::at('', 'A calendar has at most 2 MB.');
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw DocumentError::at('', 'The calendar is not in UTF-8.');
        }
        $open = [];
        $components = 0;
        foreach (preg_split('/\r\n|\r|\n/', $text) ?: [] as $line) {
            if (stripos($line, 'BEGIN:') === 0) {
                $open[] = $line;
                ++$components;
            } elseif (stripos($line, 'END:') === 0) {
                array_pop($open);
            }
            if (count($open) > self::DEEPEST || $components > self::MOST_EVENTS) {
                throw DocumentError::at(
                    '',
                    count($open) > self::DEEPEST
                        ? 'The calendar is nested too deep.'
                        : 'A calendar has at most {most} events.',
                    most: self::MOST_EVENTS,
                );
            }
        }
    }
}
