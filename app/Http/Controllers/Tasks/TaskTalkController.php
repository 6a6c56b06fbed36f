<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Access\Speaker;
use App\Http\Pages\Tasks\TaskButtons;
use App\Http\Requests\Tasks\CommentRequest;
use App\Http\Requests\Tasks\TickRequest;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Task;
use App\Tasks\CommentOn;
use App\Tasks\PressButton;
use App\Tasks\TickItem;
use App\Tasks\WatchTask;
use Carbon\CarbonImmutable;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** What people say and tick on a task, the buttons of rules on it, and what was told of rules. */
final class TaskTalkController
{
    public function comment(Task $task, CommentRequest $request, Viewer $viewer, CommentOn $comment): RedirectResponse
    {
        $comment($task, $request->body(), $request->mentions(), Speaker::user($viewer->user()));

        return back();
    }

    public function tick(Task $task, TickRequest $request, Viewer $viewer, TickItem $tick): RedirectResponse
    {
        $tick($task, $request->item(), $request->done(), $viewer->user());

        return back();
    }

    /** Whoever looks watches the task from now on, or no longer. */
    public function watch(Task $task, Request $request, Viewer $viewer, WatchTask $watch): RedirectResponse
    {
        Gate::authorize('comment', $task);
        $request->validate(['on' => ['required', 'boolean']]);
        $watch($task, $viewer->person() ?? abort(403), $request->boolean('on'), $viewer->user());

        return back();
    }

    public function press(
        Task $task,
        string $rule,
        Request $request,
        Viewer $viewer,
        TaskButtons $buttons,
        PressButton $press,
    ): RedirectResponse {
        Gate::authorize('view', $task);
        abort_unless($buttons->mayPress($task, $rule), 403);
        $press($task, $rule, $viewer->user(), $request->filled('revision') ? $request->integer('revision') : null);

        return back();
    }

    /** The lead has seen that rules went round, or failed. */
    public function seen(ChainCut $cut, Viewer $viewer): RedirectResponse
    {
        Gate::authorize('viewFloor', House::class);
        $cut->update(['seen_at' => CarbonImmutable::now(), 'seen_by' => $viewer->user()->id]);

        return back();
    }
}
