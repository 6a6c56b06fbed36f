<?php

declare(strict_types=1);

namespace App\People;

use App\Models\House\House;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;
use stdClass;

/**
 * The roster as it would be once a document has been merged into it: what the document does not list stays, and so does
 * what it does not say of what it lists.
 */
final class MergedRoster
{
    /** @param Node $known the roster of the house as a document */
    public static function of(Node $document, Node $known): Node
    {
        $given = (array) $document->value;
        $given['house'] = (array) $document->get('house')->value + (array) $known->get('house')->value;
        foreach (RosterChanges::LISTS as $list) {
            if ($document->has($list) || $known->has($list)) {
                $given[$list] = self::merged($document->itemsOf($list), $known->itemsOf($list));
            }
        }

        return Node::root(['openbaton' => RosterFormat::VERSION] + $given);
    }

    /**
     * @param list<Node> $given
     * @param list<Node> $known
     *
     * @return list<mixed> in the order in which they are known, what is new at the end
     */
    private static function merged(array $given, array $known): array
    {
        $items = [];
        foreach ($known as $item) {
            $items[$item->get('id')->text()] = $item->value;
        }
        foreach ($given as $item) {
            $id = $item->get('id')->text();
            $items[$id] = self::with($item, (array) ($items[$id] ?? []));
        }

        return array_values($items);
    }

    /** @param array<mixed> $known */
    private static function with(Node $item, array $known): stdClass
    {
        // An absence is of days or of hours.
        if ($item->has('first') || $item->has('from')) {
            $known = array_diff_key(
                $known,
                ['first' => true, 'last' => true] + ($item->has('person') ? ['from' => true, 'to' => true] : []),
            );
        }

        return (object) ((array) $item->value + $known);
    }
}
