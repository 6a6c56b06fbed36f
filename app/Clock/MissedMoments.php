<?php

declare(strict_types=1);

namespace App\Clock;

use App\Bridge\HouseAt;
use App\Bridge\NextMoments;
use App\Bridge\TaskSubjects;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Timer\Occurrence;

/**
 * Moments of tasks that were past already when what they hang on was set, by
 * less than a day: nothing happens at them by itself. Those of rules whose
 * criteria hold now.
 */
final readonly class MissedMoments
{
    private const SECONDS = 86_400;

    public function __construct(private TaskSubjects $subjects) {}

    /**
     * @param iterable<Task> $tasks with TaskSubjects::RELATIONS
     *
     * @return list<Occurrence> by task, in order of time
     */
    public function of(iterable $tasks, HouseAt $house): array
    {
        $router = $house->router();
        $timers = $house->timers();
        $now = CarbonImmutable::now()->getTimestamp();
        $missed = [];
        foreach ($tasks as $task) {
            $subject = $this->subjects->of($task, $house);
            // What falls due from the next moment on is still to come.
            $until = min($now, $house->state->tickedAt, ($task->next_moment_at?->getTimestamp() ?? PHP_INT_MAX) - 1);
            $facts = $router->facts->of($subject, $subject, $now);
            foreach ($timers->due($subject, $now - self::SECONDS, $until) as $one) {
                if (
                    $one->timer !== null &&
                    $router->rulebook->rulebook->rules[$one->timer->position]->isValidAt($now) &&
                    $router->rulebook->criteria($one->timer->position)->holds($facts)
                ) {
                    $missed[] = $one;
                }
            }
        }

        return NextMoments::withoutRow($missed);
    }
}
