<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/** What all documents have in common. */
final class Format
{
    /**
     * @param string ...$versions the ones that can be read
     *
     * @return string the document's
     */
    public static function expect(Node $node, string ...$versions): string
    {
        $given = $node->get('openbaton');
        foreach ($versions as $version) {
            if ($given->value === $version) {
                return $version;
            }
        }

        throw $given->fail('This must be "{versions}".', versions: implode('" or "', $versions));
    }

    /**
     * @param list<Node> $nodes
     *
     * @return array<array-key, Node> by $key, each once; ids that differ by small and capital letters alone are not two
     */
    public static function distinct(array $nodes, string $key = 'id', int $most = TextLimits::ID): array
    {
        $byKey = $folded = [];
        foreach ($nodes as $node) {
            $id = $node->get($key)->line($most);
            if (isset($byKey[$id])) {
                throw $node->get($key)->fail('There is another "{id}".', id: $id);
            }
            $fold = $key === 'id' ? mb_strtolower($id) : $id;
            if (isset($folded[$fold])) {
                throw $node
                    ->get($key)
                    ->fail(
                        '"{id}" differs from "{other}" at {place} by small and capital letters alone.',
                        id: $id,
                        other: $folded[$fold]->text(),
                        place: $folded[$fold]->pointer,
                    );
            }
            $byKey[$id] = $node;
            $folded[$fold] = $node->get($key);
        }

        return $byKey;
    }
}
