<?php

declare(strict_types=1);

namespace App\Tables;

use Generator;
use OpenBaton\Core\Document\DocumentError;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Reader;

/** What address books save (vCard, RFC 6350 and before it): one card after the other. */
final class Cards
{
    public static function are(string $text): bool
    {
        return preg_match('/^\s*BEGIN:VCARD\b/i', $text) === 1;
    }

    /**
     * @return Generator<int, VCard> by the line in which each begins
     *
     * @throws DocumentError where one cannot be read, or there are more
     */
    public static function of(string $text, int $most): Generator
    {
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        $line = 1;
        $count = 0;
        // What stands before the first is no card; what is too much stays in one piece.
        foreach (preg_split('/(?=^BEGIN:VCARD\b)/im', $text, $most + 2) ?: [] as $one) {
            if (self::are($one)) {
                if (++$count > $most) {
                    throw DocumentError::at("/line {$line}", 'A file has at most {most} cards.', most: $most);
                }
                yield $line => self::card($one, $line);
            }
            $line += substr_count($one, "\n");
        }
    }

    /** The preferred one of the first property that says something; of what has parts, the first. */
    public static function text(VCard $card, string ...$names): string
    {
        foreach ($names as $name) {
            /** @var list<mixed> $parts */
            $parts = $card->preferred($name)?->getParts() ?? [];
            $text = is_string($parts[0] ?? null) ? trim($parts[0]) : '';
            if ($text !== '') {
                return $text;
            }
        }

        return '';
    }

    /** A telephone number, also where it is written as an address (RFC 3966). */
    public static function telephone(VCard $card): string
    {
        return (string) preg_replace('/^tel:/i', '', self::text($card, 'TEL'));
    }

    private static function card(string $text, int $line): VCard
    {
        try {
            $card = Reader::read($text, Reader::OPTION_FORGIVING | Reader::OPTION_IGNORE_INVALID_LINES);
        } catch (ParseException) {
            $card = null;
        }

        return $card instanceof VCard
            ? $card
            : throw DocumentError::at("/line {$line}", 'This card cannot be read; save it anew from the address book.');
    }
}
