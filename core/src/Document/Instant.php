<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use DateTimeImmutable;
use Exception;
use InvalidArgumentException;
use OpenBaton\Core\Refusal;

/** Instants as documents have them: RFC 3339; written in UTC, to the second. */
final class Instant
{
    public const PATTERN = '^\d{4}-\d{2}-\d{2}[Tt]\d{2}:\d{2}:\d{2}(\.\d+)?([Zz]|[+-]\d{2}:\d{2})$';

    public static function format(int $instant): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', $instant);
    }

    public static function orNull(?int $instant): ?string
    {
        return $instant === null ? null : self::format($instant);
    }

    /** @throws InvalidArgumentException */
    public static function parse(string $text): int
    {
        try {
            $moment = preg_match('/' . self::PATTERN . '/D', $text) === 1 ? new DateTimeImmutable($text) : null;
        } catch (Exception) {
            $moment = null;
        }
        if ($moment === null) {
            throw new Refusal('"{text}" is not a moment such as 2026-03-02T09:00:00Z.', text: $text);
        }

        return match (true) {
            !str_starts_with($moment->format('Y-m-d\TH:i:s'), substr(strtoupper($text), 0, 19)) => throw new Refusal(
                'There is no such moment as "{text}".',
                text: $text,
            ),
            !Day::isWithin((int) gmdate('Y', $moment->getTimestamp())) => throw new Refusal(
                'A moment in the years from {first} to {last} belongs here.',
                first: Day::FIRST_YEAR,
                last: Day::LAST_YEAR,
            ),
            default => $moment->getTimestamp(),
        };
    }
}
