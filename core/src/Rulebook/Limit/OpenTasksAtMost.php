<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\WholeNumber;
use OpenBaton\Core\Parameter\YesNo;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Workload\LoadView;

/**
 * At most so many open tasks, or as many as the person takes where those are fewer, the new one among them; waiting
 * ones count where the rule says so.
 */
final readonly class OpenTasksAtMost implements Limit
{
    public function __construct(public int $tasks, public bool $countWaiting = false) {}

    public static function kind(): string
    {
        return 'open_tasks_at_most';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('tasks', new WholeNumber(1, 1000)),
            Parameter::optional('count_waiting', new YesNo(), false),
        ];
    }

    public static function inputs(): array
    {
        return [Input::Work];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $work = $load->of($person->id);
        $open = $work->openTasks() + ($this->countWaiting ? $work->waitingTasks() : 0);

        $most = min($this->tasks, $person->openTasksAtMost ?? $this->tasks);

        return $open < $most ? null : ['open_tasks' => $open, 'at_most' => $most];
    }
}
