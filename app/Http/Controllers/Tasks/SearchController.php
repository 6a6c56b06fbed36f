<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Cases\CaseSearch;
use App\Http\Pages\Cases\FoundCase;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Tasks\Task;
use App\Tasks\TaskSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Finds tasks, and cases where they are asked for, that whoever asks sees: by number, title or customer. */
final class SearchController
{
    private const MOST = 12;

    /** Cases that stand before them. */
    private const CASES = 5;

    public function __invoke(Request $request, Viewer $viewer, TaskSearch $search, CaseSearch $cases): JsonResponse
    {
        Gate::authorize('find', Task::class);
        $text = trim($request->string('q')->limit(80, '')->toString());
        if (mb_strlen($text) < 2) {
            return new JsonResponse([]);
        }

        $house = $viewer->snapshot();
        $found = $request->boolean('cases') ? $cases->find($text, self::CASES, $viewer->user()) : [];
        $lines = [];
        foreach ($found as $case) {
            $lines[] = FoundCase::of($case, $house);
        }

        return new JsonResponse([
            ...$lines,
            ...array_values($search->find($text, self::MOST, $viewer->user())->map(TaskLine::of(...))->all()),
        ]);
    }
}
