<?php

declare(strict_types=1);

namespace App\Http\Controllers\Calendar;

use App\Http\Pages\Calendar\CalendarPage;
use App\Http\Pages\Tasks\TaskView;
use App\Http\Requests\Calendar\CalendarRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class WorkCalendarController
{
    public function __invoke(CalendarRequest $request, Viewer $viewer, CalendarPage $page, TaskView $view): Response
    {
        return Inertia::render(
            'Calendar/Calendar',
            $page->props($request->view($viewer->zone())) + [
                'task' => static function () use ($request, $view): ?array {
                    $task = Task::query()->find($request->string('task')->toString());

                    return $task === null || Gate::denies('view', $task) ? null : $view->of($task);
                },
            ],
        );
    }
}
