<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ClaimTask;
use App\Actions\CompleteTask;
use App\Actions\HandOnTask;
use App\Actions\ReopenTask;
use App\Actions\StartTask;
use App\Http\Pages\TaskView;
use App\Http\Requests\CompleteRequest;
use App\Http\Requests\HandOnRequest;
use App\Http\Requests\WorkRequest;
use App\Http\Viewer;
use App\Models\Task;
use Illuminate\Http\RedirectResponse;
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

    public function start(Task $task, WorkRequest $request, Viewer $viewer, StartTask $start): RedirectResponse
    {
        $start($task, $viewer->user(), $request->seen());

        return back()->with('done', "№ {$task->number} is started.");
    }

    public function complete(Task $task, CompleteRequest $request, Viewer $viewer, CompleteTask $complete): RedirectResponse
    {
        $complete($task, $viewer->user(), $request->note(), $request->spent(), $request->seen());

        return redirect($request->back())->with('done', "№ {$task->number} is done.")->with('undo', ['label' => 'Take it up again', 'url' => "/tasks/{$task->id}/reopen"]);
    }

    public function reopen(Task $task, WorkRequest $request, Viewer $viewer, ReopenTask $reopen): RedirectResponse
    {
        $reopen($task, $viewer->user(), $request->seen());

        return back()->with('done', "№ {$task->number} is taken up again.");
    }

    public function handOn(Task $task, HandOnRequest $request, Viewer $viewer, HandOnTask $handOn): RedirectResponse
    {
        $to = $request->to();
        $handOn($task, $to, $request->reason(), $viewer->user(), $request->seen());

        return redirect($request->back())->with('done', "№ {$task->number} went to {$to->name}.");
    }

    public function claim(Task $task, Viewer $viewer, ClaimTask $claim): RedirectResponse
    {
        Gate::authorize('claim', $task);
        $claim($task, $viewer->person() ?? abort(403), $viewer->user());

        return redirect("/in-hand?task={$task->id}")->with('done', "№ {$task->number} is yours.");
    }
}
