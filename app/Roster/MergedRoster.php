<?php

declare(strict_types=1);

namespace App\Roster;

use App\Models\House;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\RosterFormat;

/** The roster as it would be once a document has been merged into it: what the document does not list stays. */
final class MergedRoster
{
    /** @param Node $known the roster of the house as a document */
    public static function of(Node $document, Node $known): Node
    {
        $given = (array) $document->value;
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
     * @return list<mixed> what was given in its order, then what is left, so that places in the document stay places
     */
    private static function merged(array $given, array $known): array
    {
        $ids = [];
        foreach ($given as $item) {
            $ids[$item->get('id')->text()] = true;
        }
        $rest = array_filter($known, static fn(Node $item): bool => ! isset($ids[$item->get('id')->text()]));

        return array_map(static fn(Node $item): mixed => $item->value, [...$given, ...array_values($rest)]);
    }
}
