<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

/** The task of one node, as it would be made. */
final readonly class PlannedTask
{
    /**
     * @param string|null $holderId   null: the rules say, or nobody answers for it
     * @param string|null $holderFrom id of the node whose person it is
     * @param bool        $isGap      somebody should have it by the tree, and nobody answers for it
     */
    public function __construct(
        public TreeNode $node,
        public string $title,
        public ?string $details,
        public ?string $holderId,
        public ?string $holderFrom,
        public ?string $reviewerId,
        public bool $isGap,
    ) {}
}
