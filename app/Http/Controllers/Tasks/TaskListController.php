<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Pages\Tasks\TasksPage;
use App\Http\Requests\Tasks\NamedListRequest;
use App\Http\Requests\Tasks\TaskListRequest;
use App\Http\Viewer;
use App\Models\Tasks\TaskList;
use App\Tables\TableWriter;
use App\Tasks\ListedTasks;
use App\Tasks\SaveTaskList;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Tasks as a list: narrowed, sorted, grouped, chosen, named and sent on. */
final class TaskListController
{
    private const PIECE = 1_000;

    public function index(TaskListRequest $request, TasksPage $page): Response
    {
        return Inertia::render('Tasks/Tasks', $page->props($request->filter(), $request->integer('page', 1)));
    }

    public function export(
        TaskListRequest $request,
        Viewer $viewer,
        ListedTasks $listed,
        TasksPage $page,
        Words $words,
    ): StreamedResponse {
        $filter = $request->filter();
        $tasks = $listed
            ->inOrder($listed->of($filter, $viewer->user()), $filter)
            ->with(['kind', 'customer', 'assignee', 'holdsWith']);

        return TableWriter::response('tasks', static function (TableWriter $table) use ($tasks, $page, $words): void {
            $fields = $page->columns();
            $table->line([
                ...array_map(static fn(string $column): string => $words->say("task_list.columns.{$column}"), [
                    'number',
                    'title',
                    'kind',
                    'customer',
                    'holder',
                    'status',
                    'priority',
                    'due',
                    'arrived',
                    'tags',
                ]),
                ...array_values($fields),
            ]);
            foreach ($tasks->lazy(self::PIECE) as $task) {
                $facts = (array) $task->facts;
                $table->line([
                    $task->number,
                    $task->title,
                    $task->kind?->name,
                    $task->customer?->name,
                    implode(', ', $task->holderNames()),
                    $words->say("status.{$task->status->value}"),
                    $words->say("priority.{$task->priority->value}"),
                    $task->due_at?->toIso8601ZuluString(),
                    $task->arrived_at->toIso8601ZuluString(),
                    $task->tagList(),
                    ...array_map(static fn(string $path): mixed => $facts[$path] ?? '', array_keys($fields)),
                ]);
            }
        });
    }

    public function save(NamedListRequest $request, Viewer $viewer, SaveTaskList $save): RedirectResponse
    {
        $save($request->name(), $request->shared(), $request->params(), $request->of(), $viewer->user());

        return back();
    }

    public function remove(TaskList $named, Viewer $viewer, SaveTaskList $save): RedirectResponse
    {
        abort_unless($named->user_id === $viewer->user()->id, 403);
        $save->remove($named, $viewer->user());

        return back();
    }
}
