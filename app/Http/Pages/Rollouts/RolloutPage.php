<?php

declare(strict_types=1);

namespace App\Http\Pages\Rollouts;

use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Flow\Rollout\LeafState;
use OpenBaton\Core\Flow\Rollout\PartProgress;
use OpenBaton\Core\Flow\Rollout\RolloutProgress;
use OpenBaton\Core\Flow\Rollout\Tree;
use OpenBaton\Core\Flow\Rollout\TreeNode;
use OpenBaton\Core\Workload\TaskStatus;

/** A rollout on its tree: what is done, late and open in each part. Its type is RolloutPage.ts. */
final class RolloutPage
{
    /** Tasks that are listed, those above them counted all the same. */
    private const MOST = 3000;

    /** @return array<string, mixed> */
    public function props(Rollout $rollout): array
    {
        $nodes = $rollout
            ->nodes()
            ->with(['task.assignee', 'holder'])
            ->get();
        $tree = new Tree(
            array_values(
                $nodes
                    ->map(static fn(RolloutNode $one): TreeNode => new TreeNode($one->node, $one->name, $one->parent))
                    ->all(),
            ),
        );
        $parts = RolloutProgress::of($tree, self::leaves($nodes), CarbonImmutable::now()->getTimestamp());
        $rows = [];
        $listed = 0;
        foreach ($nodes as $node) {
            if ($node->state === null || ++$listed <= self::MOST) {
                $rows[] = self::row(
                    $node,
                    count($tree->upFrom($node->node)) - 1,
                    $parts[$node->node] ?? new PartProgress(),
                );
            }
        }

        return [
            'rollout' => RolloutLine::all($rollout->newCollection([$rollout->loadMissing('beginner')]))[0],
            'can' => self::can($rollout, $nodes->contains('state', NodeState::Failed)),
            'rows' => $rows,
            'left' => max(0, $listed - self::MOST),
        ];
    }

    /** @return array<string, int> how far it is in the background */
    public static function progress(Rollout $rollout): array
    {
        return [
            'made' => $rollout->leaves()->whereNotNull('task_id')->count(),
            'left' => $rollout->left()->count(),
        ];
    }

    /**
     * @param bool $hasFailed a task could not be made, which may be tried again
     *
     * @return list<string>
     */
    private static function can(Rollout $rollout, bool $hasFailed): array
    {
        $can = match ($rollout->state) {
            RolloutState::Planned => ['go_on', 'stop', 'take_back'],
            RolloutState::Making => ['stop'],
            RolloutState::Stopped => ['go_on', 'take_back'],
            RolloutState::Made => [...$hasFailed ? ['go_on'] : [], 'take_back', 'remind'],
            RolloutState::Undoing, RolloutState::TakenBack => [],
        };

        return array_values(array_diff($can, $rollout->isBegun() ? ['take_back'] : []));
    }

    /**
     * @param Collection<int, RolloutNode> $nodes
     *
     * @return array<array-key, LeafState> by id of node; what is not made yet is open
     */
    private static function leaves(Collection $nodes): array
    {
        $leaves = [];
        foreach ($nodes as $node) {
            if ($node->task !== null) {
                $leaves[$node->node] = new LeafState($node->task->status, $node->task->due_at?->getTimestamp());
            } elseif ($node->state === NodeState::Planned) {
                $leaves[$node->node] = new LeafState(TaskStatus::New);
            }
        }

        return $leaves;
    }

    /** @return array<string, mixed> */
    private static function row(RolloutNode $node, int $depth, PartProgress $part): array
    {
        $task = $node->task;

        return [
            'node' => $node->node,
            'depth' => $depth,
            'name' => $node->name,
            'tasks' => $part->tasks,
            'done' => $part->done,
            'late' => $part->late,
            'state' => $node->state?->value,
            'title' => $node->title,
            'task' =>
                $task === null
                    ? null
                    : [
                        'id' => $task->id,
                        'number' => (int) $task->number,
                        'status' => $task->status->value,
                        'dueAt' => Moment::orNull($task->due_at),
                        'holder' => PersonRef::orNull($task->assignee),
                    ],
            'holder' => PersonRef::orNull($node->holder),
        ];
    }
}
