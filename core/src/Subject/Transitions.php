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

        $reviewerOrLead = [Standing::Reviewer, Standing::Lead];
        $atWork = [TaskStatus::New, TaskStatus::Working];

        return [
            new Transition(
                TaskAction::Start,
                [TaskStatus::New, TaskStatus::Waiting],
                TaskStatus::Working,
                $holderOrLead,
                true,
            ),
            new Transition(TaskAction::Wait, $atWork, TaskStatus::Waiting, $holderOrLead, null, [
                Asked::Reason,
                Asked::Until,
                Asked::On,
            ]),
            new Transition(TaskAction::Postpone, $atWork, null, $holderOrLead, true, [Asked::From, Asked::Note]),
            new Transition(TaskAction::TakeUp, $atWork, null, $holderOrLead, true),
            new Transition(TaskAction::ToHandOn, TaskStatus::wantingHolder(), null, $holderOrLead, true, [Asked::Note]),
            new Transition(TaskAction::Keep, TaskStatus::wantingHolder(), null, $holderOrLead, true),
            new Transition(TaskAction::GiveBack, TaskStatus::wantingHolder(), null, $holderOrLead, true),
            new Transition(TaskAction::AskReview, $atWork, TaskStatus::InReview, $holderOrLead, true, [Asked::Note]),
            new Transition(TaskAction::TakeBack, [TaskStatus::InReview], TaskStatus::Working, $holderOrLead),
            new Transition(TaskAction::SendBack, [TaskStatus::InReview], TaskStatus::Working, $reviewerOrLead, null, [
                Asked::Reason,
            ]),
            new Transition(TaskAction::Approve, [TaskStatus::InReview], TaskStatus::Done, $reviewerOrLead, null, [
                Asked::Note,
            ]),
            new Transition(TaskAction::Complete, TaskStatus::wantingHolder(), TaskStatus::Done, $holderOrLead, true, [
                Asked::Note,
                Asked::Spent,
                Asked::Anyway,
            ]),
            new Transition(
                TaskAction::Reopen,
                [TaskStatus::Done, TaskStatus::Dropped],
                TaskStatus::Working,
                $holderOrLead,
            ),
            new Transition(TaskAction::HandOn, TaskStatus::open(), null, $holderOrLead, null, [
                Asked::To,
                Asked::Reason,
            ]),
            new Transition(TaskAction::HandReview, [TaskStatus::InReview], null, $reviewerOrLead, null, [
                Asked::To,
                Asked::Reason,
            ]),
            new Transition(TaskAction::Claim, TaskStatus::wantingHolder(), null, [Standing::Claimant], false),
            new Transition(
                TaskAction::TakeOff,
                TaskStatus::wantingHolder(),
                null,
                [Standing::Holder],
                true,
                together: true,
            ),
            new Transition(
                TaskAction::Drop,
                TaskStatus::open(),
                TaskStatus::Dropped,
                [Standing::Holder, Standing::Creator, Standing::Lead],
                null,
                [Asked::Reason],
            ),
        ];
    }

    /** Whether anybody could take a task from the one status to the other. */
    public static function leads(TaskStatus $from, TaskStatus $to): bool
    {
        foreach (self::all() as $transition) {
            if ($transition->to === $to && in_array($from, $transition->from, true)) {
                return true;
            }
        }

        return $from === $to;
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
