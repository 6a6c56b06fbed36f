<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Access\RequestKey;
use App\Bridge\DecisionReader;
use App\Bridge\TaskSubjects;
use App\Explain\ReasonTrail;
use App\Http\Revision;
use App\Http\Viewer;
use App\Intake\TakeInTask;
use App\Models\Access\TokenAbility;
use App\Models\Access\User;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use App\Refusals\KeyMissing;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;

/** Tasks for other systems; docs/formats/openapi.yaml describes it. */
final class TaskController
{
    public function store(Request $request, TakeInTask $takeIn): JsonResponse
    {
        $user = $request->user();
        if (!($user instanceof User) || !$user->tokenCan(TokenAbility::Create->value)) {
            return ByRight::refused(TokenAbility::Create);
        }
        Gate::authorize('takeIn', Task::class);
        $body = (string) $request->getContent();
        $key = RequestKey::of($user->id, $request->header('Idempotency-Key'), $body) ?? throw KeyMissing::ofTask();
        $taken = $takeIn(Node::parse($body), TaskSource::Api, $user, $key);

        return new JsonResponse(
            $taken->document->write(TaskAnswer::address($request)),
            $taken->again ? 200 : 201,
            ['Location' => $taken->document->address(TaskAnswer::address($request))] + Once::headers($taken->again),
        );
    }

    public function show(Task $task, Request $request, TaskAnswer $answer): JsonResponse
    {
        if (!self::mayRead($request, $task)) {
            return ByRight::refused(TokenAbility::Read);
        }
        Gate::authorize('view', $task);
        $response = new JsonResponse($answer->document($task->load(TaskSubjects::RELATIONS)), 200, [
            'ETag' => Revision::tag($task),
        ]);
        $response->isNotModified($request);

        return $response;
    }

    public function decision(Task $task, Request $request, Viewer $viewer, DecisionReader $decisions): JsonResponse
    {
        if (!self::mayRead($request, $task)) {
            return ByRight::refused(TokenAbility::Read);
        }
        Gate::authorize('view', $task);
        $decision = Decision::query()->where('task_id', $task->id)->orderByDesc('at')->orderByDesc('id')->firstOrFail();

        $trace = $decisions->document($decision);

        return new JsonResponse([
            'id' => $decision->id,
            'task' => $task->id,
            'at' => Instant::format($decision->at->getTimestamp()),
            'trace' => $trace,
            'explanation' => (new ReasonTrail($viewer->words()))->of($trace),
        ]);
    }

    /** Whoever brings tasks in may see what became of those. */
    private static function mayRead(Request $request, Task $task): bool
    {
        $user = $request->user();

        return $user instanceof User &&
            ($user->tokenCan(TokenAbility::Read->value) ||
                ($task->key_user_id === $user->id && $user->tokenCan(TokenAbility::Create->value)));
    }
}
