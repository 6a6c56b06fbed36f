<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Bridge\Snapshot;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Http\Revision;
use App\Intake\TaskDocument;
use App\Models\Tasks\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Answers with a task as programs are told of it. */
final class TaskAnswer
{
    private ?Snapshot $house = null;

    public function __construct(private readonly Request $request, private readonly SnapshotSource $snapshots) {}

    /** @return array<string, mixed> of one among many: without whoever asked for it */
    public function listed(Task $task): array
    {
        return array_diff_key($this->whole($task), ['contact' => true]);
    }

    /** @return array<string, mixed> */
    public function document(Task $task): array
    {
        $document = $this->whole($task);

        return array_diff_key($document, Gate::allows('viewContact', $task) ? [] : ['contact' => true]);
    }

    /** @return array<string, mixed> */
    private function whole(Task $task): array
    {
        $this->house ??= $this->snapshots->current();

        return TaskDocument::of($task, $this->house)->write(self::address($this->request));
    }

    /** What was done with it; nothing of it where it has gone out of sight by that. */
    public function after(Task $task, bool $replayed): JsonResponse
    {
        $headers = Once::headers($replayed);
        $now = Task::query()->with(TaskSubjects::RELATIONS)->findOrFail($task->id);

        return Gate::allows('view', $now)
            ? new JsonResponse($this->document($now), 200, $headers + ['ETag' => Revision::tag($now)])
            : new JsonResponse(null, 204, $headers);
    }

    public static function address(Request $request): string
    {
        return "{$request->root()}/api/v1";
    }
}
