<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\TaskInCase;
use App\Http\Invalid;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Tasks are put into a case, and taken out of it. */
final class CaseTaskController
{
    public function put(CustomerCase $case, Request $request, TaskInCase $in, Viewer $viewer): JsonResponse
    {
        Gate::authorize('edit', $case);
        $request->validate(['task' => ['required', 'string', 'ulid'], 'needed' => ['required', 'boolean']]);
        $task = Task::query()->find($request->string('task')->toString());
        if ($task === null || !$viewer->user()->can('edit', $task)) {
            throw Invalid::at('task', 'There is no such task that you may change.');
        }
        if ($task->case_id !== null && $task->case_id !== $case->id) {
            throw Invalid::at('task', 'The task belongs to another case already.');
        }
        $in->put($task, $case, $request->boolean('needed'), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    public function takeOut(CustomerCase $case, Request $request, TaskInCase $in, Viewer $viewer): JsonResponse
    {
        Gate::authorize('edit', $case);
        $request->validate(['task' => ['required', 'string', 'ulid']]);
        $task = $case->tasks()->find($request->string('task')->toString());
        if ($task === null) {
            throw Invalid::at('task', 'There is no such task in this case.');
        }
        $in->takeOut($task, $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }
}
