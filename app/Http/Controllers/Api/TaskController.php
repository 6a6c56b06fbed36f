<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\TakeInTask;
use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Explain\ReasonTrail;
use App\Http\Controllers\Reader;
use App\Http\Problems;
use App\Intake\RequestKey;
use App\Models\Decision;
use App\Models\Task;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\Node;

/** Tasks for other systems; docs/formats/openapi.yaml describes it. */
final class TaskController
{
    public function store(Request $request, TakeInTask $takeIn, SnapshotSource $snapshots): JsonResponse
    {
        $user = $request->user();
        if (! $user instanceof User || ! $user->tokenCan('tasks:create')) {
            return Problems::response(403, 'not-allowed', 'Not allowed.', 'The token does not carry the right "tasks:create".');
        }
        $key = $request->header('Idempotency-Key');
        if (! is_string($key) || preg_match('/^[\x21-\x7e]{8,120}$/', $key) !== 1) {
            return Problems::response(400, 'key-missing', 'An idempotency key is needed.', 'Send an Idempotency-Key header of 8 to 120 visible characters, a new one for each task.');
        }
        $body = (string) $request->getContent();
        $taken = $takeIn(Node::parse($body), 'api', $user, new RequestKey($user->id, $key, hash('sha256', $body)));

        return new JsonResponse(
            $this->task($taken->task, $taken->customer, $snapshots->at($snapshots->recent()), $request),
            $taken->again ? 200 : 201,
            ['Location' => $this->address($taken->task, $request)] + ($taken->again ? ['Idempotent-Replayed' => 'true'] : []),
        );
    }

    public function show(Task $task, Request $request, SnapshotSource $snapshots): JsonResponse
    {
        Gate::authorize('view', $task);

        return new JsonResponse($this->task($task, $task->load('customer')->customer?->slug, $snapshots->current(), $request));
    }

    public function decision(Task $task, Reader $reader): JsonResponse
    {
        Gate::authorize('view', $task);
        $decision = Decision::query()->where('task_id', $task->id)->orderByDesc('at')->orderByDesc('id')->firstOrFail();

        return new JsonResponse([
            'id' => $decision->id,
            'task' => $task->id,
            'at' => $this->moment($decision->at),
            'trace' => $decision->trace,
            'said' => (new ReasonTrail($reader->words()))->of($decision->trace),
        ]);
    }

    /** @return array<string, mixed> */
    private function task(Task $task, ?string $customer, Snapshot $snapshot, Request $request): array
    {
        $assignee = $snapshot->roster->people[$snapshot->personSlugs[$task->assignee_id ?? ''] ?? ''] ?? null;

        return [
            'id' => $task->id,
            'number' => (int) $task->number,
            'title' => $task->title,
            'description' => $task->description,
            'kind' => $snapshot->kinds[$task->task_kind_id]->slug ?? null,
            'status' => $task->status->value,
            'priority' => $task->priority->value,
            'customer' => $customer,
            'contact' => $task->contact,
            'fields' => (object) $task->facts,
            'tags' => $task->tags,
            'estimate' => $task->estimate_minutes === null ? null : Duration::format($task->estimate_minutes),
            'arrived' => $this->moment($task->arrived_at),
            'start' => $this->moment($task->starts_at),
            'due' => $this->moment($task->due_at),
            'completed' => $this->moment($task->completed_at),
            'assignee' => $assignee === null ? null : ['id' => $assignee->id, 'name' => $assignee->name],
            'open_to' => $task->assignee_id === null ? $task->claimants->pluck('slug')->all() : [],
            'decision' => $this->address($task, $request).'/decision',
        ];
    }

    private function address(Task $task, Request $request): string
    {
        return "{$request->root()}/api/v1/tasks/{$task->id}";
    }

    private function moment(?CarbonImmutable $moment): ?string
    {
        return $moment === null ? null : gmdate('Y-m-d\TH:i:s\Z', $moment->getTimestamp());
    }
}
