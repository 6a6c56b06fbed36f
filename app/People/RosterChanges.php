<?php

declare(strict_types=1);

namespace App\People;

use App\Models\House\House;
use OpenBaton\Core\Document\Node;

/** What a roster document would add, change and remove, by what it lists. */
final class RosterChanges
{
    public const LISTS = ['skills', 'people', 'teams', 'absences'];

    /**
     * @param Node $now   the roster of the house as a document
     * @param bool $whole what the document does not say of what it lists is taken away
     *
     * @return array<string, array{added: list<string>, changed: list<string>, missing: list<string>}> names by list;
     *     "missing" is what the document does not have
     */
    public static function of(Node $document, Node $now, bool $whole): array
    {
        $changes = [];
        foreach (self::LISTS as $list) {
            $given = self::byId($document, $list);
            $known = self::byId($now, $list);
            $changes[$list] = [
                'added' => self::names(array_diff_key($given, $known)),
                'changed' => self::names(
                    array_filter(
                        array_intersect_key($given, $known),
                        static fn(Node $item): bool => self::differs($item, $known[$item->get('id')->text()], $whole),
                    ),
                ),
                'missing' => self::names(array_diff_key($known, $given)),
            ];
        }

        return $changes;
    }

    /** @return array<array-key, Node> */
    private static function byId(Node $document, string $list): array
    {
        $byId = [];
        foreach ($document->itemsOf($list) as $item) {
            $byId[$item->get('id')->text()] = $item;
        }

        return $byId;
    }

    /** Members that are missing on one side differ where the other has something else than nothing. */
    private static function differs(Node $given, Node $known, bool $whole): bool
    {
        $plain = static fn(Node $node): array => array_filter(
            (array) json_decode((string) json_encode($node->value), true),
            static fn(mixed $value): bool => $value !== [] && $value !== null,
        );
        [$one, $other] = [$plain($given), $plain($known)];
        // What the house fills in where a document has nothing.
        $one += array_intersect_key($other, ['capacity' => true, 'active' => true]);
        if (!$whole) {
            $other = array_intersect_key($other, $one);
        }
        ksort($one);
        ksort($other);

        return json_encode($one) !== json_encode($other);
    }

    /**
     * @param array<array-key, Node> $items
     *
     * @return list<string>
     */
    private static function names(array $items): array
    {
        return array_values(
            array_map(static fn(Node $item): string => ($item->find('name') ?? $item->get('id'))->text(), $items),
        );
    }
}
