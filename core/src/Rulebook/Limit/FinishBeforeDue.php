<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Limit;

use OpenBaton\Core\People\Person;
use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\NoParameters;
use OpenBaton\Core\Rulebook\TaskOnly;
use OpenBaton\Core\Workload\LoadView;

/** Whose load plan finishes the task by its due date; a task without one rules nobody out. */
final readonly class FinishBeforeDue implements TaskOnly, Limit
{
    use NoParameters;

    public static function kind(): string
    {
        return 'finish_before_due';
    }

    public static function inputs(): array
    {
        return [Input::Work];
    }

    public function refusal(Person $person, LoadView $load): ?array
    {
        $due = $load->dueAt();
        if ($due === null) {
            return null;
        }
        $finish = $load->finishWith($person->id);

        return $finish !== null && $finish <= $due ? null : ['finish_at' => $finish, 'due_at' => $due];
    }
}
