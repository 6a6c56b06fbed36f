<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Requests\Tasks\LinkRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\LinkTasks;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;

/** Which tasks go with each other. */
final class TaskLinkController
{
    public function __invoke(
        Task $task,
        LinkRequest $request,
        Viewer $viewer,
        Words $words,
        LinkTasks $link,
    ): RedirectResponse {
        $other = $request->other();
        $link($task, $other, $request->on(), $viewer->user());

        return back()->with(
            'done',
            $words->say($request->on() ? 'said.linked' : 'said.unlinked', ['number' => (string) $other->number]),
        );
    }
}
