<?php

declare(strict_types=1);

use App\Access\Actor;
use App\Approvals\AskForApproval;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Flow\ApprovalRule;
use Tests\Support\House;

/** @param list<string> $people */
function approvalOf(
    Task|CustomerCase $what,
    array $people,
    ?ApprovalRule $rule = null,
    ?string $latest = null,
): Approval {
    return app(AskForApproval::class)(
        $what,
        'Estimate',
        $rule ?? ApprovalRule::all(),
        $people,
        'It comes to 900.',
        $latest === null ? null : CarbonImmutable::parse($latest),
        Actor::user(House::user('hanneke')),
    );
}

/** The open task of somebody who is asked. */
function asksOf(Approval $approval, string $who): ?Task
{
    return $approval->tasks()->open()->where('assignee_id', House::person($who)->id)->first();
}

/** @param array<string, mixed> $more */
function answersWith(string $who, Task $task, string $answer, array $more = []): mixed
{
    app()->forgetScopedInstances();

    return test()
        ->actingAs(House::user($who))
        ->postJson("/tasks/{$task->id}/answer", ['answer' => $answer] + $more);
}

/** @return list<string> of each that is asked: who holds the task, and its status */
function answerTasks(Approval $approval): array
{
    return array_values(
        $approval
            ->tasks()
            ->with('assignee')
            ->orderBy('approval_place')
            ->get()
            ->map(static fn(Task $one): string => "{$one->assignee?->slug} {$one->status->value}")
            ->all(),
    );
}
