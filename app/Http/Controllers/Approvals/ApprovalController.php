<?php

declare(strict_types=1);

namespace App\Http\Controllers\Approvals;

use App\Approvals\AnswerApproval;
use App\Approvals\AskForApproval;
use App\Approvals\EndApproval;
use App\Http\Requests\Approvals\AnswerRequest;
use App\Http\Requests\Approvals\AskApprovalRequest;
use App\Http\Viewer;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\TextLimits;

/** Approvals of a task or a case: asked for, answered, reminded of, taken back. */
final readonly class ApprovalController
{
    public function __construct(private Viewer $viewer) {}

    public function ofTask(Task $task, AskApprovalRequest $request, AskForApproval $ask): JsonResponse
    {
        return $this->ask($task, $request, $ask);
    }

    public function ofCase(CustomerCase $case, AskApprovalRequest $request, AskForApproval $ask): JsonResponse
    {
        return $this->ask($case, $request, $ask);
    }

    /** Of whoever holds the task of an approval. */
    public function answer(Task $task, AnswerRequest $request, AnswerApproval $answer): JsonResponse
    {
        abort_if($task->approval_id === null, 404);
        $vote = $request->vote();
        $user = $this->viewer->user();
        $approval =
            $vote === null
                ? $answer->handOn($task, $request->to(), $request->reason(), $user)
                : $answer->vote($task, $vote, $request->reason(), $user);

        return new JsonResponse(['outcome' => $approval->outcome?->value]);
    }

    public function withdraw(Approval $approval, Request $request, EndApproval $end): JsonResponse
    {
        Gate::authorize('change', $approval);
        $request->validate(['reason' => ['nullable', 'string', 'max:' . TextLimits::REASON]]);
        $reason = trim($request->string('reason')->toString());
        $end->withdraw($approval, $reason === '' ? null : $reason, $this->viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    public function remind(Approval $approval, EndApproval $end): JsonResponse
    {
        Gate::authorize('change', $approval);
        $end->remind($approval, $this->viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    private function ask(Task|CustomerCase $what, AskApprovalRequest $request, AskForApproval $ask): JsonResponse
    {
        $approval = $ask(
            $what,
            $request->name(),
            $request->rule(),
            $request->people(),
            $request->details(),
            $request->latest(),
            $this->viewer->actor(),
        );

        return new JsonResponse(['id' => $approval->id, 'outcome' => $approval->outcome?->value], 201);
    }
}
