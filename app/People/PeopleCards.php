<?php

declare(strict_types=1);

namespace App\People;

use App\Tables\Cards;
use OpenBaton\Core\Document\DocumentError;
use Sabre\VObject\Component\VCard;

/** People as cards (RFC 6350): name, e-mail, telephone, time zone and teams out; all but the teams in. */
final class PeopleCards
{
    private const MOST = 2_000;

    /**
     * @param list<array<string, mixed>> $people of a roster document
     * @param array<array-key, list<string>> $teams names by person
     */
    public static function write(array $people, array $teams): string
    {
        $cards = '';
        foreach ($people as $person) {
            $text = static fn(string $name): string => is_string($person[$name] ?? null) ? $person[$name] : '';
            $card = new VCard(['VERSION' => '4.0', 'UID' => $text('id'), 'FN' => $text('name')]);
            foreach (['email' => 'EMAIL', 'phone' => 'TEL', 'zone' => 'TZ'] as $name => $property) {
                if ($text($name) !== '') {
                    $card->add($property, $text($name));
                }
            }
            if (($teams[$text('id')] ?? []) !== []) {
                $card->add('CATEGORIES', $teams[$text('id')]);
            }
            $cards .= $card->serialize();
        }

        return $cards;
    }

    /**
     * Whoever has no UID is known by the address or the name, as in a table.
     *
     * @return list<array{document: array<string, mixed>, teams: null, line: int}>
     *
     * @throws DocumentError with what is wrong, by card
     */
    public static function read(string $text): array
    {
        $rows = [];
        foreach (Cards::of($text, self::MOST) as $card) {
            $number = count($rows) + 1;
            $person = [
                'id' => mb_strtolower((string) preg_replace('/^urn:uuid:/', '', Cards::text($card, 'UID'))),
                'name' => Cards::text($card, 'FN'),
                'email' => Cards::text($card, 'EMAIL'),
                'phone' => Cards::telephone($card),
                'zone' => Cards::text($card, 'TZ'),
            ];
            if ($person['name'] === '') {
                throw DocumentError::at("/card {$number}", 'A card has a name (FN).');
            }
            $rows[] = [
                'document' => array_filter($person, static fn(string $one): bool => $one !== ''),
                'teams' => null,
                'line' => $number,
            ];
        }

        return $rows === [] ? throw DocumentError::at('/card 1', 'There is no card in the file.') : $rows;
    }
}
