<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Http\Pages\Floor\FloorPage;
use App\Http\Pages\Floor\PersonPanel;
use App\Http\Pages\Tasks\TaskView;
use App\Http\Requests\Floor\FloorRequest;
use App\Models\Tasks\Task;
use Inertia\Inertia;
use Inertia\Response;

final class FloorController
{
    public function __invoke(FloorRequest $request, FloorPage $page, TaskView $view, PersonPanel $person): Response
    {
        return Inertia::render(
            'Floor/Floor',
            $page->props($request->view(), $request->lanes(), $request->isForParts()) + [
                'task' => static function () use ($request, $view): ?array {
                    $task = Task::query()->find($request->string('task')->toString());

                    return $task === null ? null : $view->of($task);
                },
                'person' => static fn(): ?array => $person->of($request->string('person')->toString(), $request->day()),
            ],
        );
    }
}
