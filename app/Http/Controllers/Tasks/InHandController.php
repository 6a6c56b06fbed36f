<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Pages\Tasks\InHandPage;
use App\Http\Pages\Tasks\TaskView;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class InHandController
{
    public function __invoke(Request $request, Viewer $viewer, InHandPage $page, TaskView $view): Response
    {
        $person = $viewer->person();
        $chosen = $request->string('task')->toString();

        return Inertia::render(
            'InHand/InHand',
            $page->props($person, $viewer) + [
                'chosen' => $chosen !== '',
                'task' => static function () use ($chosen, $page, $person, $view): ?array {
                    $task = Task::query()
                        ->whereKey($chosen === '' ? $page->first($person) : $chosen)
                        ->first();
                    if ($task === null) {
                        return null;
                    }
                    Gate::authorize('view', $task);

                    return $view->of($task);
                },
            ],
        );
    }
}
