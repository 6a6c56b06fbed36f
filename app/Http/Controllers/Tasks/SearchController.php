<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\TaskSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Finds tasks that whoever asks sees, by number, title or customer. */
final class SearchController
{
    private const MOST = 12;

    public function __invoke(Request $request, Viewer $viewer, TaskSearch $search): JsonResponse
    {
        Gate::authorize('find', Task::class);
        $text = trim($request->string('q')->limit(80, '')->toString());
        if (mb_strlen($text) < 2) {
            return new JsonResponse([]);
        }

        return new JsonResponse(
            array_values($search->find($text, self::MOST, $viewer->user())->map(TaskLine::of(...))->all()),
        );
    }
}
