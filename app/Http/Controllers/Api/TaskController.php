<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\TakeInTask;
use App\Bridge\DecisionReader;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Explain\ReasonTrail;
use App\Formats\TaskDocument;
use App\Http\Problems;
use App\Http\Viewer;
use App\Intake\RequestKey;
use App\Intake\TaskSource;
use App\Models\Decision;
use App\Models\Task;
use App\Models\User;
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
        if (! $user instanceof User || ! $user->tokenCan('tasks:create')) {
            return self::refused('tasks:create');
        }
        Gate::authorize('takeIn', Task::class);
        $key = $request->header('Idempotency-Key');
        if (! is_string($key) || preg_match('/^[\x21-\x7e]{8,120}$/', $key) !== 1) {
            return Problems::response(400, 'key-missing', 'An idempotency key is needed.', 'Send an Idempotency-Key header of 8 to 120 visible characters, a new one for each task.');
        }
        $body = (string) $request->getContent();
        $taken = $takeIn(Node::parse($body), TaskSource::Api, $user, new RequestKey($user->id, $key, hash('sha256', $body)));

        return new JsonResponse(
            $taken->document->write(self::address($request)),
            $taken->again ? 200 : 201,
            ['Location' => $taken->document->address(self::address($request))] + ($taken->again ? ['Idempotent-Replayed' => 'true'] : []),
        );
    }

    public function show(Task $task, Request $request, SnapshotSource $snapshots): JsonResponse
    {
        if (! self::mayRead($request)) {
            return self::refused('tasks:read');
        }
        Gate::authorize('view', $task);

        return new JsonResponse(TaskDocument::of($task->load(TaskSubjects::RELATIONS), $snapshots->current())->write(self::address($request)));
    }

    public function decision(Task $task, Request $request, Viewer $viewer, DecisionReader $decisions): JsonResponse
    {
        if (! self::mayRead($request)) {
            return self::refused('tasks:read');
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

    /** Whoever brings tasks in may see what became of them. */
    private static function mayRead(Request $request): bool
    {
        $user = $request->user();

        return $user instanceof User && ($user->tokenCan('tasks:read') || $user->tokenCan('tasks:create'));
    }

    private static function refused(string $right): JsonResponse
    {
        return Problems::response(403, 'not-allowed', 'Not allowed.', "The token does not carry the right \"{$right}\".");
    }

    private static function address(Request $request): string
    {
        return "{$request->root()}/api/v1";
    }
}
