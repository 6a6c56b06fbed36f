<?php

declare(strict_types=1);

namespace App\Http\Pages\Rollouts;

use App\Http\Pages\Moment;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Workload\TaskStatus;

/** A rollout in short. Its type is RolloutLine.ts. */
final class RolloutLine
{
    /**
     * @param Collection<int, Rollout> $rollouts with their beginners
     *
     * @return list<array<string, mixed>>
     */
    public static function all(Collection $rollouts): array
    {
        $ids = $rollouts->modelKeys();
        $total = self::counts($ids, static fn(Builder $nodes): Builder => $nodes);
        $made = self::counts($ids, static fn(Builder $nodes): Builder => $nodes->whereNotNull('task_id'));
        $failed = self::counts($ids, static fn(Builder $nodes): Builder => $nodes->where('state', NodeState::Failed));
        $done = self::counts(
            $ids,
            static fn(Builder $nodes): Builder => $nodes->whereHas(
                'task',
                static fn(Builder $task): Builder => $task->where('status', TaskStatus::Done),
            ),
        );

        return array_values(
            $rollouts
                ->map(
                    static fn(Rollout $one): array => [
                        'id' => $one->id,
                        'name' => $one->name,
                        'state' => $one->state->value,
                        'total' => $total[$one->id] ?? 0,
                        'made' => $made[$one->id] ?? 0,
                        'failed' => $failed[$one->id] ?? 0,
                        'done' => $done[$one->id] ?? 0,
                        'begunAt' => Moment::of($one->begun_at),
                        'begunBy' => $one->beginner?->name,
                        'makesAt' => Moment::orNull($one->makes_at),
                        'dueAt' => Moment::orNull($one->due_at),
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param array<array-key, mixed>                               $ids
     * @param callable(Builder<RolloutNode>): Builder<RolloutNode> $which
     *
     * @return array<array-key, int> how many of those nodes that are to have a task each rollout has, by its id
     */
    private static function counts(array $ids, callable $which): array
    {
        return array_map(
            static fn(mixed $count): int => is_numeric($count) ? (int) $count : 0,
            $which(RolloutNode::query()->whereIn('rollout_id', $ids)->whereNotNull('state'))
                ->groupBy('rollout_id')
                ->selectRaw('rollout_id, COUNT(*) AS nodes')
                ->pluck('nodes', 'rollout_id')
                ->all(),
        );
    }
}
