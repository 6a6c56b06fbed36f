<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Pages\Tasks\TaskView;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class TaskController
{
    public function show(Task $task, TaskView $view): Response
    {
        Gate::authorize('view', $task);

        return Inertia::render('Task/Task', ['task' => static fn(): array => $view->of($task)]);
    }

    /** The reason trail of one of its decisions. */
    public function decision(Task $task, Decision $decision, TaskView $view): JsonResponse
    {
        Gate::authorize('view', $task);
        abort_unless($decision->task_id === $task->id, 404);

        return new JsonResponse($view->trail($decision));
    }
}
