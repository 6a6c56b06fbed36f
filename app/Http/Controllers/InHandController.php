<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\InHandPage;
use App\Http\Pages\TaskView;
use App\Models\Task;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class InHandController
{
    public function __invoke(Request $request, Reader $reader, InHandPage $page): Response
    {
        $props = $page->props($reader->person());
        $chosen = $request->string('task')->toString();
        $task = Task::query()->whereKey($chosen === '' ? ($props['tasks'][0]['id'] ?? '') : $chosen)->first();
        if ($task !== null) {
            Gate::authorize('view', $task);
        }

        return Inertia::render('InHand/InHand', $props + [
            'chosen' => $chosen !== '',
            'task' => $task === null ? null : (new TaskView($reader->words(), $reader->snapshot()))->of($task, $reader->user()),
        ]);
    }
}
