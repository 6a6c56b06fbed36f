<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\Houses;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\Rollout\PlannedTask;
use OpenBaton\Core\Flow\Rollout\RolloutPlan;
use OpenBaton\Core\Flow\Rollout\Tree;
use OpenBaton\Core\Flow\Rollout\WantedRollout;

/** Puts down all nodes of a rollout with their tasks, which are made in the background, now or when it starts. */
final readonly class StartRollout
{
    private const PIECE = 500;

    public function __construct(private Houses $houses) {}

    /** @throws DocumentError with all that is wrong with it */
    public function __invoke(Node $document, User $by): Rollout
    {
        $house = $this->houses->now();
        $wanted = ReadRollout::wanted($document, $house);
        $tree = Trees::of($wanted->tree, $house->snapshot);
        $plan = ReadRollout::plan($document, $wanted, $tree, $house);

        return DB::transaction(static function () use ($document, $wanted, $tree, $plan, $by): Rollout {
            $rollout = self::row($document, $wanted, $by);
            foreach (array_chunk(self::nodes($rollout, $tree, $plan), self::PIECE) as $some) {
                RolloutNode::query()->insert($some);
            }
            Audit::record(Actor::user($by), 'house', 'rollout_begun', 'Rollout begun', $rollout);
            if ($rollout->state === RolloutState::Making) {
                MakeRollout::dispatch($rollout->id);
            }

            return $rollout;
        }, attempts: 3);
    }

    private static function row(Node $document, WantedRollout $wanted, User $by): Rollout
    {
        $now = CarbonImmutable::now();
        $start = $wanted->rollout->hidden ? $wanted->rollout->startAt : null;
        $waits = $start !== null && $start > $now->getTimestamp();

        return Rollout::query()->create([
            'name' => $wanted->rollout->name,
            'tree' => $wanted->tree,
            'document' => $document->value,
            'state' => $waits ? RolloutState::Planned : RolloutState::Making,
            'makes_at' => $start === null ? null : CarbonImmutable::createFromTimestampUTC($start),
            'due_at' =>
                $wanted->rollout->dueAt === null
                    ? null
                    : CarbonImmutable::createFromTimestampUTC($wanted->rollout->dueAt),
            'begun_by' => $by->id,
            'begun_at' => $now,
            'moved_at' => $now,
        ]);
    }

    /** @return list<array<string, mixed>> columns of those with a task and of what they lie in, as the tree has them */
    private static function nodes(Rollout $rollout, Tree $tree, RolloutPlan $plan): array
    {
        $people = Person::query()->pluck('id', 'slug')->all();
        $tasks = $kept = [];
        foreach ($plan->tasks as $task) {
            $tasks[$task->node->id] = $task;
            foreach ($tree->upFrom($task->node->id) as $node) {
                $kept[$node->id] = true;
            }
        }
        $rows = [];
        foreach (array_values(array_intersect_key($tree->nodes, $kept)) as $place => $node) {
            $task = $tasks[$node->id] ?? null;
            $rows[] =
                [
                    'rollout_id' => $rollout->id,
                    'place' => $place,
                    'node' => $node->id,
                    'parent' => $node->parentId,
                    'name' => $node->name,
                ] + self::task($task, $people);
        }

        return $rows;
    }

    /**
     * @param array<array-key, mixed> $people ids by slug
     *
     * @return array<string, mixed>
     */
    private static function task(?PlannedTask $task, array $people): array
    {
        return [
            'state' => $task === null ? null : NodeState::Planned->value,
            'title' => $task?->title,
            'details' => $task?->details,
            'holder_id' => $people[$task->holderId ?? ''] ?? null,
            'reviewer_id' => $people[$task->reviewerId ?? ''] ?? null,
            'customer_id' => $task?->node->customerId,
        ];
    }
}
