<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\FloorPage;
use App\Http\Pages\PersonRef;
use App\Http\Pages\TaskLine;
use App\Http\Pages\TaskView;
use App\Models\House;
use App\Models\Person;
use App\Models\Task;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Workload\TaskStatus;

final class FloorController
{
    public function __invoke(Request $request, Reader $reader): Response
    {
        Gate::authorize('viewFloor', House::class);
        $task = Task::query()->find($request->string('task')->toString());
        $person = Person::query()->where('slug', $request->string('person')->toString())->first();

        return Inertia::render('Floor/Floor', (new FloorPage($reader->snapshot()))->props() + [
            'task' => $task === null ? null : (new TaskView($reader->words(), $reader->snapshot()))->of($task, $reader->user()),
            'person' => $person === null ? null : [
                'lane' => PersonRef::of($person),
                'tasks' => Task::query()->with(['kind', 'customer'])->where('assignee_id', $person->id)
                    ->whereNotIn('status', [TaskStatus::Done, TaskStatus::Dropped])
                    ->orderByRaw('due_at IS NULL')->orderBy('due_at')->limit(100)->get()->map(TaskLine::of(...))->all(),
            ],
        ]);
    }
}
