<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use LogicException;
use OpenBaton\Core\Workload\TaskStatus;

/** The table of what people may do with a task: from which status to which, who may, what is asked for. */
final class Transitions
{
    /** @return list<Transition> one for each action */
    public static function all(): array
    {
        $holderOrLead = [Standing::Holder, Standing::Lead];

        return [
            new Transition(TaskAction::Start, [TaskStatus::New, TaskStatus::Waiting], TaskStatus::Working, $holderOrLead, true),
            new Transition(TaskAction::Complete, TaskStatus::open(), TaskStatus::Done, $holderOrLead, true, [Asked::Note, Asked::Spent]),
            new Transition(TaskAction::Reopen, [TaskStatus::Done], TaskStatus::Working, $holderOrLead),
            new Transition(TaskAction::HandOn, TaskStatus::open(), null, $holderOrLead, null, [Asked::Reason]),
            new Transition(TaskAction::Claim, TaskStatus::wantingHolder(), null, [Standing::Claimant], false),
        ];
    }

    public static function of(TaskAction $action): Transition
    {
        foreach (self::all() as $transition) {
            if ($transition->action === $action) {
                return $transition;
            }
        }

        throw new LogicException("There is no transition for \"{$action->value}\".");
    }
}
