<?php

declare(strict_types=1);

namespace App\Rollouts;

use App\Bridge\CustomerSource;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Fields\KnownCustomer;
use App\Intake\Arrival;
use App\Intake\IncomingTask;
use App\Intake\OwnWay;
use App\Intake\RouteTask;
use App\Models\Rollouts\NodeState;
use App\Models\Rollouts\Rollout;
use App\Models\Rollouts\RolloutNode;
use App\Models\Rollouts\RolloutState;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Rollout\Rollout as CoreRollout;
use OpenBaton\Core\Rulebook\Give;
use OpenBaton\Core\Rulebook\Method\InOrder;
use OpenBaton\Core\Rulebook\Otherwise\NextRule;
use OpenBaton\Core\Rulebook\OwnGive;
use OpenBaton\Core\Rulebook\Pool\NamedPeople;

/** Makes the task of one node of a rollout, in a transaction of its own: once, ever. */
final readonly class MakeNode
{
    public function __construct(private Houses $houses, private CustomerSource $customers, private RouteTask $route) {}

    /** @param CoreRollout $wanted as it was put down */
    public function __invoke(RolloutNode $node, CoreRollout $wanted): void
    {
        DB::transaction(function () use ($node, $wanted): void {
            $locked = $this->houses->lock();
            $rollout = Rollout::query()->lockForUpdate()->find($node->rollout_id);
            $row = RolloutNode::query()
                ->with(['holder', 'reviewer', 'customer'])
                ->lockForUpdate()
                ->find($node->id);
            // It was stopped, or another worker has made it.
            if (
                $rollout === null ||
                $row === null ||
                $rollout->state !== RolloutState::Making ||
                $row->state !== NodeState::Planned
            ) {
                return;
            }
            $task = $this->incoming($wanted, $row, $locked);
            $made = $task === null ? null : $this->make($task, $locked);
            $row->update(['state' => $made === null ? NodeState::Failed : NodeState::Made, 'task_id' => $made]);
            $rollout->update(['moved_at' => CarbonImmutable::now()]);
        }, attempts: 3);
    }

    private function make(IncomingTask $task, LockedHouse $locked): string
    {
        return ($this->route)($this->route->ready(new Arrival(null, null), $task, $locked->house), $locked)->task->id;
    }

    /** @return IncomingTask|null null: its kind is no longer there */
    private function incoming(CoreRollout $wanted, RolloutNode $row, LockedHouse $locked): ?IncomingTask
    {
        $house = $locked->house;
        $kind = $house->snapshot->kindNamed($wanted->taskKind);
        if ($kind === null) {
            return null;
        }

        return new IncomingTask(
            (string) $row->title,
            $kind,
            TaskSource::Rollout,
            $row->details,
            $this->customer($row, $locked),
            estimateMinutes: $wanted->estimate,
            startsAt: $wanted->startAt,
            dueAt: $wanted->dueAt,
            facts: $kind->defaults,
            own: new OwnWay(
                $house->snapshot->checklists[$wanted->checklist ?? '']->items ?? [],
                self::give($wanted, $row),
                null,
                $row->reviewer?->slug,
            ),
        );
    }

    /** Whoever answers for the node, or who stands in for them; where nobody can, the rules say. */
    private static function give(CoreRollout $wanted, RolloutNode $row): ?OwnGive
    {
        return $row->holder === null
            ? null
            : new OwnGive(
                "rollout.{$row->rollout_id}",
                $wanted->name,
                new Give(new NamedPeople([$row->holder->slug]), new InOrder(), [], new NextRule(), substitutes: true),
            );
    }

    private function customer(RolloutNode $row, LockedHouse $locked): ?KnownCustomer
    {
        return $row->customer === null ? null : $this->customers->named($row->customer->slug, $locked->house);
    }
}
