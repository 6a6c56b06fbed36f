<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

/** A node of a tree over which rollouts go: a place, a team, or one of a tree of the house's own. */
final readonly class TreeNode
{
    /**
     * @param string|null           $parentId   null: it is at the top
     * @param string|null           $level      such as "district"
     * @param array<string, string> $people     who answers for it, by attribute, such as "responsible"
     * @param string|null           $customerId whose node it is
     * @param array<string, string|int|float|bool|list<string>> $fields by path, for criteria and texts
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $parentId = null,
        public ?string $level = null,
        public array $people = [],
        public ?string $customerId = null,
        public array $fields = [],
    ) {}
}
