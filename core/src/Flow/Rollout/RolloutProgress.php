<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

/** How far a rollout is, for each node that has a task or lies above one. */
final class RolloutProgress
{
    /**
     * @param array<array-key, LeafState> $leaves by id of node
     * @param int                         $now    instant
     *
     * @return array<array-key, PartProgress> by id of node
     */
    public static function of(Tree $tree, array $leaves, int $now): array
    {
        $parts = [];
        foreach ($leaves as $id => $leaf) {
            foreach (isset($tree->nodes[$id]) ? $tree->upFrom((string) $id) : [] as $node) {
                $parts[$node->id] = ($parts[$node->id] ?? new PartProgress())->and($leaf->progress($now));
            }
        }

        return $parts;
    }
}
