<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Pages\TaskLine;
use App\Models\Task;
use App\Search\TaskSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Finds tasks by number, title or customer. */
final class SearchController
{
    private const MOST = 12;

    public function __invoke(Request $request): JsonResponse
    {
        Gate::authorize('view', new Task());
        $text = trim($request->string('q')->limit(80, '')->toString());
        if (mb_strlen($text) < 2) {
            return new JsonResponse([]);
        }
        return new JsonResponse(array_values(TaskSearch::find($text, self::MOST)->map(TaskLine::of(...))->all()));
    }
}
