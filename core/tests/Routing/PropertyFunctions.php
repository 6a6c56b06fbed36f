<?php

declare(strict_types=1);

use OpenBaton\Core\People\Availability;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Step;
use OpenBaton\Core\Rulebook\Limit\FinishBeforeDue;
use OpenBaton\Core\Rulebook\Limit\LoadRatioAtMost;
use OpenBaton\Core\Rulebook\Limit\NoAbsenceBeforeFinish;
use OpenBaton\Core\Rulebook\Limit\OnNow;
use OpenBaton\Core\Rulebook\Limit\OpenTasksAtMost;
use OpenBaton\Core\Rulebook\Limit\SkillAtLeast;
use OpenBaton\Core\Time\WorkingTime;
use OpenBaton\Core\Workload\LoadPlan;
use OpenBaton\Core\Workload\LoadPlanner;
use OpenBaton\Core\Workload\Work;

/** Checks, by other means than the router's, that whoever was picked might be. */
function mayHold(string $id, Decision $decision, Work $work): bool
{
    $roster = $decision->roster;
    $change = $decision->change;
    if ((new Availability($roster))->reasonsAgainst($roster->people[$id], $change->at) !== []) {
        return false;
    }
    $give = $decision->decidingRule()?->give;
    $attempt = $decision->attempts[$decision->decidedBy];
    // Whoever an "otherwise" names need not be within the limits.
    if ($attempt->fallback !== null) {
        return true;
    }
    $dropped = in_array(Step::AGAIN, array_column($attempt->steps, 'code'), true);
    foreach (($dropped ? $give?->otherLimits() : $give?->limits) ?? [] as $limit) {
        $held = $work->held($id);
        $plan = static fn(bool $toTheEnd): LoadPlan => LoadPlanner::plan(
            $roster->people[$id]->hours,
            $roster->presenceOf($id),
            $roster->people[$id]->capacity,
            [...$held->loading, $change->after->heldBy($id)->asWork()],
            $change->at,
            toTheEnd: $toTheEnd,
        );
        $finish = static fn(): int => $plan(true)->finishes[$change->after->id] ?? PHP_INT_MAX;
        $fits = match (true) {
            $limit instanceof OpenTasksAtMost => $held->openTasks() + 1 <= $limit->tasks,
            $limit instanceof SkillAtLeast => $roster->people[$id]->level($limit->skill) >= $limit->level,
            $limit instanceof LoadRatioAtMost => $plan(false)->ratio()->value() <= $limit->percent / 100 + 1e-9,
            $limit instanceof OnNow => (new WorkingTime($roster->presenceOf($id)))->isWorking($change->at),
            $limit instanceof FinishBeforeDue => $finish() <= ($change->after->dueAt ?? PHP_INT_MAX),
            $limit instanceof NoAbsenceBeforeFinish => array_filter(
                $roster->absencesOf($id),
                static fn($one): bool => $change->at < $one->span->from && $one->span->from < $finish(),
            ) === [],
            default => throw new LogicException('Unknown limit.'),
        };
        if (!$fits) {
            return false;
        }
    }

    return true;
}
