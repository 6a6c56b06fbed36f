<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Requests\Tasks\TimeRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Refusals\TaskMovedOn;
use App\Tasks\TimeTask;
use Illuminate\Http\RedirectResponse;

/** Somebody counts their time on a task, and stops. */
final class TimeController
{
    /** @throws TaskMovedOn where nobody works on it any more */
    public function __invoke(Task $task, TimeRequest $request, Viewer $viewer, TimeTask $time): RedirectResponse
    {
        $person = $viewer->person() ?? abort(403);
        if (!$request->boolean('on')) {
            $time->stop($person, $viewer->user());
        } elseif ($task->status->loadsHolder()) {
            $time->start($task, $person, $viewer->user());
        } else {
            throw TaskMovedOn::since($task);
        }

        return back();
    }
}
