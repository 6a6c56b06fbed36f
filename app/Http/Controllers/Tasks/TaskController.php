<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Pages\Tasks\Receivers;
use App\Http\Pages\Tasks\TaskHistory;
use App\Http\Pages\Tasks\TaskView;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Subject\TaskAction;

final class TaskController
{
    public function show(Task $task, TaskView $view): Response
    {
        Gate::authorize('view', $task);

        return Inertia::render('Task/Task', ['task' => static fn(): array => $view->of($task)]);
    }

    /** Who could have it, with how that would be. */
    public function receivers(Request $request, Task $task, Receivers $receivers): JsonResponse
    {
        Gate::authorize('perform', [$task, TaskAction::HandOn]);
        $request->validate(['person' => ['nullable', 'string', 'max:' . TextLimits::ID]]);

        return new JsonResponse(['receivers' => $receivers->of($task, $request->string('person')->toString())]);
    }

    /** What happened to it before a moment, a page of it. */
    public function history(Request $request, Task $task, TaskHistory $history): JsonResponse
    {
        Gate::authorize('view', $task);
        $request->validate(['before' => ['required', 'string', 'date_format:Y-m-d\TH:i:s\Z']]);

        return new JsonResponse($history->page($task, CarbonImmutable::parse($request->string('before')->toString())));
    }

    /** The reason trail of one of its decisions. */
    public function decision(Task $task, Decision $decision, TaskView $view): JsonResponse
    {
        Gate::authorize('view', $task);
        abort_unless($decision->task_id === $task->id, 404);

        return new JsonResponse($view->trail($decision));
    }
}
