<?php

declare(strict_types=1);

namespace OpenBaton\Core\Time;

use InvalidArgumentException;
use OpenBaton\Core\Refusal;

/**
 * Clock readings of one day as minutes since its midnight, half-open.
 *
 * A range that crosses midnight ends above 1440: 22:00-06:00 is 1320 to 1800.
 */
final readonly class MinuteRange
{
    public function __construct(public int $start, public int $end)
    {
        if ($start < 0 || $start >= 1440 || $end <= $start || $end > $start + 1440) {
            throw new InvalidArgumentException('A range of hours begins within the day and lasts at most 24 hours.');
        }
    }

    /**
     * @throws InvalidArgumentException unless $text is HH:MM-HH:MM; an end at or before the start is on the next day
     */
    public static function parse(string $text): self
    {
        if (preg_match('/^([01]\d|2[0-3]):([0-5]\d)-(?:([01]\d|2[0-3]):([0-5]\d)|24:00)$/', $text, $parts) !== 1) {
            throw new Refusal('"{text}" is not a range of hours of the form 09:00-17:30.', text: $text);
        }
        $start = (int) $parts[1] * 60 + (int) $parts[2];
        $end = isset($parts[3], $parts[4]) ? (int) $parts[3] * 60 + (int) $parts[4] : 1440;

        return new self($start, $end > $start ? $end : $end + 1440);
    }

    public function format(): string
    {
        $end = $this->end > 1440 ? $this->end - 1440 : $this->end;

        return sprintf('%02d:%02d-%02d:%02d', intdiv($this->start, 60), $this->start % 60, intdiv($end, 60), $end % 60);
    }
}
