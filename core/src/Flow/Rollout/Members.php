<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\Rulebook\Condition;
use OpenBaton\Core\Time\LocalDate;

/** Which nodes of a tree a rollout is for. */
final readonly class Members
{
    /**
     * @param list<string>   $branches ids: those nodes and all that lies in them; empty: the whole tree
     * @param list<string>   $levels   nodes of these alone; empty: of any
     * @param Condition|null $only     nodes of which it holds
     * @param list<string>   $without  ids: those nodes and all that lies in them are left out
     */
    public function __construct(
        public array $branches = [],
        public array $levels = [],
        public ?Condition $only = null,
        public array $without = [],
    ) {}

    /**
     * The leaves: of those that are chosen the ones in which no other chosen one lies. What is above them has no task
     * of its own.
     *
     * @return list<TreeNode> in the order of the tree
     */
    public function leaves(Tree $tree, LocalDate $today): array
    {
        $chosen = $this->chosen($tree, $today);
        $above = [];
        foreach (array_keys($chosen) as $id) {
            foreach (array_slice($tree->upFrom((string) $id), 1) as $node) {
                $above[$node->id] = true;
            }
        }

        return array_values(array_diff_key($chosen, $above));
    }

    /** @return array<array-key, TreeNode> by id */
    private function chosen(Tree $tree, LocalDate $today): array
    {
        $in = $this->branches === [] ? $tree->nodes : self::within($tree, $this->branches);
        $out = self::within($tree, $this->without);

        return array_filter(
            array_intersect_key($tree->nodes, array_diff_key($in, $out)),
            fn(TreeNode $node): bool => ($this->levels === [] || in_array($node->level, $this->levels, true)) &&
                ($this->only === null || $this->only->compiled()->holds(new Facts($node->fields, $today))),
        );
    }

    /**
     * @param list<string> $branches ids; of one that is not there nothing is chosen
     *
     * @return array<array-key, true> by id
     */
    private static function within(Tree $tree, array $branches): array
    {
        $within = [];
        foreach ($branches as $id) {
            foreach (isset($tree->nodes[$id]) ? $tree->below($id) : [] as $one) {
                $within[$one] = true;
            }
        }

        return $within;
    }
}
