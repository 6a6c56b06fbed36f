<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

/** Texts of messages without what does more than say something. */
final class HarmlessText
{
    /** Marks that turn the direction of all that comes after them, and the like. */
    private const TURNS = '/[\x{202A}-\x{202E}\x{2066}-\x{2069}\x{FFF9}-\x{FFFB}\x{FEFF}]/u';

    /** In one line: a subject is a header of a mail. */
    public static function line(string $text, int $most): string
    {
        return trim(mb_substr((string) preg_replace('/[\p{Cc}\p{Zl}\p{Zp}\s]+/u', ' ', self::still($text)), 0, $most));
    }

    /** Lines end alike, and nothing is in it but text. */
    public static function prose(string $text, int $most): string
    {
        $lines = (string) preg_replace('/\r\n?|[\p{Zl}\p{Zp}]/u', "\n", self::still($text));

        return trim(mb_substr((string) preg_replace('/[^\P{Cc}\n\t]/u', '', $lines), 0, $most));
    }

    private static function still(string $text): string
    {
        return (string) preg_replace(self::TURNS, '', mb_scrub($text));
    }
}
