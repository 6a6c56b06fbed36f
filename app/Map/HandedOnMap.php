<?php

declare(strict_types=1);

namespace App\Map;

use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use OpenBaton\Core\Map\ArrowKind;
use OpenBaton\Core\Map\NodeKind;
use OpenBaton\Core\Routing\Outcome;

/** Counts on a map what rules decided, and who handed work on to whom. */
final readonly class HandedOnMap
{
    /** By which work goes from one person to another. */
    private const HANDED = [
        HandoffCause::HandOn,
        HandoffCause::Cover,
        HandoffCause::HandBack,
        HandoffCause::Levelled,
        HandoffCause::Rule,
    ];

    public function __construct(private MapHistory $on) {}

    public function count(): void
    {
        Decision::query()
            ->with('task:id,started_at,completed_at')
            ->where('at', '>=', $this->on->since)
            ->whereNotNull('rule')
            ->where('outcome', '!=', Outcome::Unplaced)
            ->select(['id', 'task_id', 'case_id', 'rule', 'at', 'assignee_id'])
            ->chunkById(MapHistory::PIECE, $this->decisions(...));
        Handoff::query()
            ->with('task:id,started_at,completed_at')
            ->where('at', '>=', $this->on->since)
            ->whereNotNull('from_id')
            ->whereNotNull('to_id')
            ->whereIn('cause', self::HANDED)
            ->chunkById(MapHistory::PIECE, $this->handoffs(...));
    }

    /** @param Collection<int, Decision> $decisions */
    private function decisions(Collection $decisions): void
    {
        foreach ($decisions as $one) {
            $rule = MapHistory::rule((string) $one->rule);
            if (!isset($this->on->map->nodes[$rule])) {
                continue;
            }
            $waited = $this->waited($one->at, $one->task);
            $this->on->flows->at($rule, $waited);
            $this->on->flows->at(NodeKind::Rules->value, $waited);
            // Tasks are counted with whoever has them now.
            foreach ($one->case_id === null ? [] : $this->on->people([(string) $one->assignee_id]) as $owner) {
                $this->on->flows->went($rule, $owner, ArrowKind::Does);
            }
        }
    }

    /** @param Collection<int, Handoff> $handoffs */
    private function handoffs(Collection $handoffs): void
    {
        foreach ($handoffs as $one) {
            [$from, $to] = [...$this->on->people([(string) $one->from_id, (string) $one->to_id]), null, null];
            if ($from !== null && $to !== null) {
                $this->on->flows->went($from, $to, ArrowKind::HandsOn, $this->waited($one->at, $one->task));
            }
        }
    }

    /** @return int|null minutes until a task was begun; null: it is not yet, or was before */
    private function waited(CarbonImmutable $from, ?Task $task): ?int
    {
        $begun = $task === null ? null : $task->started_at ?? $task->completed_at;

        return $begun !== null && $begun < $from ? null : $this->on->minutes($from, $begun);
    }
}
