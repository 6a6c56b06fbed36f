<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\EachByItself;
use App\Http\Requests\Tasks\ManyTasksRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\CompleteTask;
use App\Tasks\HandOnTask;
use App\Tasks\MarkToHandOn;
use App\Tasks\PostponeTask;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use LogicException;
use OpenBaton\Core\Subject\TaskAction;

/** The same done with several tasks, each by itself: what can't be done is told, the others are. */
final class ManyTasksController
{
    public function __invoke(ManyTasksRequest $request, Viewer $viewer, EachByItself $each): JsonResponse
    {
        $tasks = Task::query()->with('assignee')->whereKey($request->ids())->orderBy('number')->get();
        // All of them before any: who asks for what is not theirs has done nothing.
        foreach ($tasks as $task) {
            Gate::authorize('perform', [$task, $request->action()]);
        }

        return $each->answer(
            $tasks,
            fn(Task $task) => $this->perform($task, $request, $viewer),
            static fn(Task $task): array => ['number' => (int) $task->number],
        );
    }

    private function perform(Task $task, ManyTasksRequest $request, Viewer $viewer): void
    {
        $user = $viewer->user();
        match ($request->action()) {
            TaskAction::HandOn => app(HandOnTask::class)($task, $request->to(), $request->reason(), $user),
            TaskAction::Complete => app(CompleteTask::class)($task, $user),
            TaskAction::Postpone => app(PostponeTask::class)($task, $request->at(), $request->note(), $user),
            TaskAction::ToHandOn => app(MarkToHandOn::class)($task, null, $user),
            default => throw new LogicException('Nothing is done so with several.'),
        };
    }
}
