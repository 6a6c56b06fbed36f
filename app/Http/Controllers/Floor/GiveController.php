<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Http\EachByItself;
use App\Http\Pages\Floor\GiveLines;
use App\Http\Requests\Floor\GivePreviewRequest;
use App\Http\Requests\Floor\GiveRequest;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Tasks\Task;
use App\Tasks\HandOnTask;
use App\Tasks\RetryTask;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Subject\TaskAction;

/** Tasks go from lane to lane: what each would become, and the move itself. */
final class GiveController
{
    public function preview(GivePreviewRequest $request, GiveLines $lines): JsonResponse
    {
        return new JsonResponse($lines->of($request->tasks(), $request->people()));
    }

    /** Each by itself: one that somebody else has moved meanwhile is told, and stays as they left it. */
    public function store(GiveRequest $request, Viewer $viewer, HandOnTask $handOn, EachByItself $each): JsonResponse
    {
        $tasks = $request->tasks();
        foreach ($tasks as $task) {
            Gate::authorize('perform', [$task, TaskAction::HandOn]);
        }
        $to = $request->to();
        $reason = trim($request->string('reason')->toString());

        return $each->answer(
            $tasks,
            static fn(Task $task): Task => $handOn($task, $to, $reason, $viewer->user(), $request->revision($task)),
            static fn(Task $task): array => ['number' => (int) $task->number],
        );
    }

    /** Asks the rules once more for a task that nobody has. */
    public function retry(Task $task, RetryTask $retry): RedirectResponse
    {
        Gate::authorize('viewFloor', House::class);
        $retry($task->id);

        return back();
    }
}
