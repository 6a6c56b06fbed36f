<?php

declare(strict_types=1);

namespace App\Http\Controllers\Tasks;

use App\Cases\CaseSearch;
use App\Http\Pages\Cases\FoundCase;
use App\Http\Pages\Runsheets\FoundWork;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Tasks\Task;
use App\Tasks\TaskSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/**
 * Finds tasks that whoever asks sees, by number, title or customer; where everything is asked for, cases too, and for
 * those who shape the house what brings work about, by its name.
 */
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
        $everything = $request->boolean('everything');
        $found = $everything ? $cases->find($text, self::CASES, $viewer->user()) : [];
        $lines = $everything && Gate::allows('shape', House::class) ? FoundWork::named($text) : [];
        foreach ($found as $case) {
            $lines[] = FoundCase::of($case, $house);
        }

        return new JsonResponse([
            ...$lines,
            ...array_values($search->find($text, self::MOST, $viewer->user())->map(TaskLine::of(...))->all()),
        ]);
    }
}
