<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

use OpenBaton\Core\Refusal;

/** Nodes within each other, in the order in which they were given. */
final readonly class Tree
{
    public const MOST = 20_000;

    public const DEEPEST = 20;

    /** @var array<array-key, TreeNode> by id */
    public array $nodes;

    /** @var array<array-key, list<string>> ids of those directly within a node, by its id */
    private array $within;

    /**
     * @param list<TreeNode> $nodes
     *
     * @throws Refusal
     */
    public function __construct(array $nodes)
    {
        if (count($nodes) > self::MOST) {
            throw new Refusal('A tree has {most} nodes at most.', most: self::MOST);
        }
        $byId = $within = [];
        foreach ($nodes as $node) {
            if (isset($byId[$node->id])) {
                throw new Refusal('There is another node "{id}".', id: $node->id);
            }
            $byId[$node->id] = $node;
        }
        foreach ($nodes as $node) {
            if ($node->parentId !== null) {
                isset($byId[$node->parentId]) ||
                    throw new Refusal(
                        '"{id}" lies in "{parent}", which is not there.',
                        id: $node->id,
                        parent: $node->parentId,
                    );
                $within[$node->parentId][] = $node->id;
            }
        }
        $this->nodes = $byId;
        $this->within = $within;
        foreach ($nodes as $node) {
            $this->upFrom($node->id);
        }
    }

    /**
     * @return list<TreeNode> the node and all that it lies in, from within outwards
     *
     * @throws Refusal where it lies in itself, or too deep
     */
    public function upFrom(string $id): array
    {
        $up = [];
        for ($node = $this->nodes[$id]; ; $node = $this->nodes[$node->parentId]) {
            $up[] = $node;
            if (count($up) > self::DEEPEST) {
                throw new Refusal('"{id}" lies in itself, or more than {most} deep.', id: $id, most: self::DEEPEST);
            }
            if ($node->parentId === null) {
                return $up;
            }
        }
    }

    public function parent(string $id): ?TreeNode
    {
        $parent = $this->nodes[$id]->parentId;

        return $parent === null ? null : $this->nodes[$parent];
    }

    /** @return list<string> ids of a node and of all that lies in it */
    public function below(string $id): array
    {
        $below = [$id];
        foreach ($this->within[$id] ?? [] as $one) {
            array_push($below, ...$this->below($one));
        }

        return $below;
    }
}
