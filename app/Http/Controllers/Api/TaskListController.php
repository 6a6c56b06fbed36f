<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Bridge\TaskSubjects;
use App\Http\Requests\Tasks\ApiTaskListRequest;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\ListedTasks;
use Illuminate\Http\JsonResponse;

/** Tasks that the owner of a token sees, by pages that hold while others come. */
final readonly class TaskListController
{
    public function __construct(private ListedTasks $listed, private TaskAnswer $answer) {}

    public function __invoke(ApiTaskListRequest $request, Viewer $viewer): JsonResponse
    {
        $tasks = $this->listed
            ->of($request->filter($viewer->person()?->slug), $viewer->user())
            ->with(TaskSubjects::RELATIONS);
        $page = $request->page($tasks);

        return new JsonResponse([
            'tasks' => array_map(
                fn(mixed $one): array => $one instanceof Task ? $this->answer->listed($one) : [],
                $page->items(),
            ),
            'next' => $page->nextCursor()?->encode(),
        ]);
    }
}
