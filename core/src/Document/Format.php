<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/** What all documents have in common. */
final class Format
{
    public static function expect(Node $node, string $version): void
    {
        $mark = $node->get('openbaton');
        if ($mark->value !== $version) {
            throw $mark->fail("This must be \"{$version}\".");
        }
    }

    /**
     * @param list<Node> $nodes
     *
     * @return array<string, Node> by "id"
     */
    public static function distinct(array $nodes): array
    {
        $byId = [];
        foreach ($nodes as $node) {
            $id = $node->get('id')->text();
            if (isset($byId[$id])) {
                throw $node->get('id')->fail("There is another \"{$id}\".");
            }
            $byId[$id] = $node;
        }

        return $byId;
    }
}
