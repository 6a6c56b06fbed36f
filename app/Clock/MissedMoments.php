<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\HouseState;
use App\Bridge\NextMoments;
use App\Bridge\Routers;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Models\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Timer\Occurrence;

/**
 * Moments of a task that were past already when what they hang on was set, by
 * less than a day: nothing happens at them by itself. Those of rules whose
 * criteria hold now.
 */
final readonly class MissedMoments
{
    private const SECONDS = 86_400;

    public function __construct(private SnapshotSource $snapshots, private Routers $routers, private TaskSubjects $subjects) {}

    /**
     * @param Task $task with TaskSubjects::RELATIONS
     *
     * @return list<Occurrence> in order of time
     */
    public function of(Task $task, HouseState $state): array
    {
        $house = $this->snapshots->at($state);
        $router = $this->routers->at($state, $house);
        $subject = $this->subjects->of($task, $house, $state);
        $now = CarbonImmutable::now()->getTimestamp();
        // What falls due from the next moment on is still to come.
        $until = min($now, $state->tickedAt, ($task->next_moment_at?->getTimestamp() ?? PHP_INT_MAX) - 1);
        $facts = $router->facts->of($subject, $subject, $now);
        $due = array_filter(
            $this->routers->timers($state, $house)->due($subject, $now - self::SECONDS, $until),
            static fn(Occurrence $one): bool => $one->timer !== null && $router->rulebook->rulebook->rules[$one->timer->position]->isValidAt($now) && $router->rulebook->criteria($one->timer->position)->holds($facts),
        );

        return NextMoments::withoutRow(array_values($due));
    }
}
