<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Rollout;

use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Time\LocalDate;

/** All tasks of a rollout before any is made: whose each would be, and where nobody answers for it. */
final readonly class RolloutPlan
{
    /** @param list<PlannedTask> $tasks */
    private function __construct(public array $tasks) {}

    /** @param list<TreeNode> $leaves of the tree */
    public static function of(Rollout $rollout, Tree $tree, array $leaves, ValueWords $words, LocalDate $today): self
    {
        return new self(
            array_map(static function (TreeNode $node) use ($rollout, $tree, $words, $today): PlannedTask {
                $facts = RolloutFields::facts($node, $tree, $today);
                $holder = self::answersFor($node, $rollout->holder, $tree);
                $reviewer =
                    self::answersFor($node, $rollout->reviewer, $tree)?->people[$rollout->reviewer ?? ''] ?? null;
                $holderId = $holder?->people[$rollout->holder ?? ''] ?? null;

                return new PlannedTask(
                    $node,
                    mb_substr($rollout->title->fill($facts, $words), 0, TextLimits::NAME),
                    $rollout->details === null
                        ? null
                        : mb_substr($rollout->details->fill($facts, $words), 0, TextLimits::DETAILS),
                    $holderId,
                    $holder?->id,
                    // Nobody reviews what they do.
                    $reviewer === $holderId ? null : $reviewer,
                    $rollout->holder !== null && $holderId === null,
                );
            }, $leaves),
        );
    }

    /** @return list<PlannedTask> for which nobody answers */
    public function gaps(): array
    {
        return array_values(array_filter($this->tasks, static fn(PlannedTask $task): bool => $task->isGap));
    }

    /** @return array<array-key, int> how many tasks come to each person, the most first */
    public function byPerson(): array
    {
        $count = array_count_values(
            array_filter(
                array_map(static fn(PlannedTask $task): ?string => $task->holderId, $this->tasks),
                is_string(...),
            ),
        );
        arsort($count);

        return $count;
    }

    /** The node, or the next above it, for which somebody answers; null: there is none, or it is not asked for. */
    private static function answersFor(TreeNode $node, ?string $attribute, Tree $tree): ?TreeNode
    {
        foreach ($attribute === null ? [] : $tree->upFrom($node->id) as $one) {
            if (isset($one->people[$attribute])) {
                return $one;
            }
        }

        return null;
    }
}
