<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use InvalidArgumentException;
use OpenBaton\Core\Refusal;

/** Lengths of time in ISO 8601, of hours and minutes. */
final class Duration
{
    public const PATTERN = '^PT(?=\d)(\d{1,5}H)?(\d{1,6}M)?$';

    public static function format(int $minutes): string
    {
        [$hours, $rest] = [intdiv($minutes, 60), $minutes % 60];

        return 'PT' . ($hours > 0 ? "{$hours}H" : '') . ($rest > 0 || $hours === 0 ? "{$rest}M" : '');
    }

    /** @throws InvalidArgumentException */
    public static function parse(string $text): int
    {
        return preg_match('/^PT(?=\d)(?:(\d{1,5})H)?(?:(\d{1,6})M)?$/D', $text, $parts) === 1
            ? (int) ($parts[1] ?? 0) * 60 + (int) ($parts[2] ?? 0)
            : throw new Refusal('"{text}" is not a length of time such as PT1H30M.', text: $text);
    }
}
