<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Explain\ReasonTrail;
use App\Http\Controllers\Tasks\TaskFileController;
use App\Http\Viewer;
use App\Intake\PreviewTask;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\TaskFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Instant;
use OpenBaton\Core\Document\Node;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What belongs to a task, for programs: what was said, attached and done; and who would get one. */
final class TaskReadController
{
    public function comments(Task $task, Request $request): JsonResponse
    {
        Gate::authorize('view', $task);
        $page = Latest::page($request, Comment::query()->where('task_id', $task->id)->with('user'));

        return new JsonResponse([
            'comments' => array_map(
                static fn(Comment $one): array => [
                    'id' => $one->id,
                    'at' => Instant::format($one->at->getTimestamp()),
                    'by' => $one->user?->name,
                    'from_customer' => $one->from_customer === true,
                    'body' => $one->body,
                ],
                $page->rows,
            ),
            'before' => $page->before,
        ]);
    }

    public function files(Task $task, Request $request): JsonResponse
    {
        Gate::authorize('view', $task);
        $page = Latest::page($request, TaskFile::query()->where('task_id', $task->id)->with('user'));
        $address = TaskAnswer::address($request);

        return new JsonResponse([
            'files' => array_map(
                static fn(TaskFile $one): array => [
                    'id' => $one->id,
                    'at' => Instant::format($one->at->getTimestamp()),
                    'by' => $one->user?->name,
                    'name' => $one->name,
                    'size' => $one->size,
                    'content' => "{$address}/tasks/{$task->id}/files/{$one->id}",
                ],
                $page->rows,
            ),
            'before' => $page->before,
        ]);
    }

    public function file(Task $task, TaskFile $file, TaskFileController $files): StreamedResponse
    {
        return $files->show($task, $file);
    }

    public function history(Task $task, Request $request): JsonResponse
    {
        Gate::authorize('view', $task);
        $page = Latest::page(
            $request,
            TaskChange::query()
                ->where('task_id', $task->id)
                ->with(['user', 'for']),
        );

        return new JsonResponse([
            'changes' => array_map(
                static fn(TaskChange $one): array => [
                    'id' => $one->id,
                    'at' => Instant::format($one->at->getTimestamp()),
                    'what' => $one->occasion,
                    'cause' => $one->cause->value,
                    'by' => $one->user->name ?? $one->system,
                    'for' => $one->for?->name,
                    'reason' => $one->reason,
                    'difference' => (object) ($one->difference ?? []),
                ],
                $page->rows,
            ),
            'before' => $page->before,
        ]);
    }

    /** Nothing is changed by it. */
    public function preview(Request $request, Viewer $viewer, PreviewTask $preview): JsonResponse
    {
        Gate::authorize('create', Task::class);
        $trace = $preview(Node::parse((string) $request->getContent()), $viewer->user());

        return new JsonResponse([
            'trace' => $trace,
            'explanation' => (new ReasonTrail($viewer->words()))->of($trace),
        ]);
    }
}
