<?php

declare(strict_types=1);

namespace App\Approvals;

use App\Bridge\Occasion;
use App\Models\Access\User;
use App\Models\Approvals\Approval as Row;
use App\Models\Tasks\Task;
use App\Refusals\NotAnswered;
use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Flow\NotAsked;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\Subject\Cause;

/** Whoever holds the task of an approval answers it: yes, no with a reason, or that somebody else should. */
final readonly class AnswerApproval
{
    public function __construct(private ChangeApproval $change) {}

    /**
     * @param Task $task of an approval
     *
     * @throws NotAnswered where they are not asked, or not any more, or may not answer
     */
    public function vote(Task $task, Vote $vote, ?string $reason, User $by): Row
    {
        return $this->answer(
            $task,
            static fn(Approval $approval, Approvers $approvers, string $who, int $at): Approval => $approval->answer(
                $who,
                $vote,
                $reason,
                $at,
            ),
            "answered_{$vote->value}",
            $reason,
            $by,
        );
    }

    /**
     * @param string|null $toSlug who should; null, or somebody who may not: nobody answers in their place
     *
     * @throws NotAnswered where they are not asked, or not any more
     */
    public function handOn(Task $task, ?string $toSlug, ?string $reason, User $by): Row
    {
        return $this->answer(
            $task,
            static fn(Approval $approval, Approvers $approvers, string $who, int $at): Approval => $approval->handOn(
                $who,
                $toSlug,
                $approvers,
                $at,
            ),
            'answered_not_me',
            $reason,
            $by,
            handsOn: true,
        );
    }

    /**
     * @param callable(Approval, Approvers, string, int): Approval $answer with who answers, by slug, and the
     *     instant
     */
    private function answer(
        Task $task,
        callable $answer,
        string $occasion,
        ?string $reason,
        User $by,
        bool $handsOn = false,
    ): Row {
        return ($this->change)(
            (string) $task->approval_id,
            static function (Approval $approval, ApprovalSubject $of, int $at) use (
                $task,
                $answer,
                $by,
                $handsOn,
            ): Approval {
                $who = $of->house->snapshot->personSlugs[(string) $by->person?->id] ?? null;
                if ($who === null || $approval->placeOf($who) !== (int) $task->approval_place) {
                    throw NotAnswered::notAsked();
                }
                $approvers = $of->approvers($at);
                if (!$handsOn && (!$approvers->mayBeAsked($who) || $approval->hasAnswered($who))) {
                    throw NotAnswered::mayNot();
                }
                try {
                    return $answer($approval, $approvers, $who, $at);
                } catch (NotAsked) {
                    throw NotAnswered::notAsked();
                }
            },
            static fn(int $at): Occasion => new Occasion($at, Cause::Person, $occasion, $by->id, reason: $reason),
        );
    }
}
