<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Time\LocalDate;

/** What texts of a rollout can say of the node. */
final class RolloutFields
{
    public const NODE = 'node.name';

    public const PARENT = 'node.parent';

    public const ID = 'node.id';

    /** @var array<string, FieldType> by path */
    public const TYPES = [self::NODE => FieldType::Text, self::PARENT => FieldType::Text, self::ID => FieldType::Text];

    public static function facts(TreeNode $node, Tree $tree, LocalDate $today): Facts
    {
        $parent = $tree->parent($node->id)?->name;

        return new Facts(
            $node->fields + [self::NODE => $node->name, self::ID => $node->id] +
                ($parent === null ? [] : [self::PARENT => $parent]),
            $today,
        );
    }
}
