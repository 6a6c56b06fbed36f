<?php

declare(strict_types=1);

namespace App\People;

use OpenBaton\Core\Document\DocumentError;
use RuntimeException;
use Sabre\VObject\Component\VCard;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property;
use Sabre\VObject\Splitter\VCard as Splitter;

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
     * @return list<array{document: array<string, mixed>, teams: null, line: int}>
     *
     * @throws DocumentError with what is wrong, by card
     */
    public static function read(string $text): array
    {
        $rows = [];
        try {
            $file = fopen('php://temp', 'r+') ?: throw new RuntimeException('There is no memory for cards.');
            fwrite($file, $text);
            rewind($file);
            $splitter = new Splitter($file);
            while (($card = $splitter->getNext()) instanceof VCard) {
                if (count($rows) >= self::MOST) {
                    throw DocumentError::at(
                        '/card ' . self::MOST,
                        'A file has at most {most} cards.',
                        most: self::MOST,
                    );
                }
                $number = count($rows) + 1;
                $value = static function (string $name) use ($card): string {
                    $property = $card->select($name)[0] ?? null;
                    $text = $property instanceof Property ? $property->getValue() : null;

                    return is_string($text) ? trim($text) : '';
                };
                $id = preg_replace('/^urn:uuid:/', '', $value('UID')) ?? '';
                $name = $value('FN');
                if ($id === '' || $name === '') {
                    throw DocumentError::at("/card {$number}", 'A card has a UID and a name (FN).');
                }
                $rows[] = [
                    'document' => array_filter(
                        [
                            'id' => mb_strtolower($id),
                            'name' => $name,
                            'email' => $value('EMAIL'),
                            'phone' => $value('TEL'),
                            'zone' => $value('TZ'),
                        ],
                        static fn(string $one): bool => $one !== '',
                    ),
                    'teams' => null,
                    'line' => $number,
                ];
            }
        } catch (ParseException) {
            throw DocumentError::at('/card ' . (count($rows) + 1), 'This is not a card (vCard).');
        }

        return $rows === [] ? throw DocumentError::at('/card 1', 'There is no card in the file.') : $rows;
    }
}
