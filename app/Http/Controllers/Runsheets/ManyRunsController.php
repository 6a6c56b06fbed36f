<?php

declare(strict_types=1);

namespace App\Http\Controllers\Runsheets;

use App\Http\EachByItself;
use App\Http\Requests\Runsheets\StartManyRunsRequest;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Refusals\RunNotStarted;
use App\Runsheets\StartRun;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** A runsheet started on several tasks or cases, each by itself: where it can't be is told, on the others it is. */
final class ManyRunsController
{
    public function __invoke(
        StartManyRunsRequest $request,
        Viewer $viewer,
        EachByItself $each,
        StartRun $start,
    ): JsonResponse {
        $sheet = $request->sheet();
        $all = $request->subjects($sheet);
        foreach ($all as $of) {
            Gate::authorize('create', [Run::class, $of]);
        }

        return $each->answer(
            $all,
            static function (Task|CustomerCase $of) use ($sheet, $viewer, $start): void {
                if (!$start($sheet, $of, $viewer->actor())->wasRecentlyCreated) {
                    throw RunNotStarted::already($sheet->name);
                }
            },
            static fn(Task|CustomerCase $of): array => ['number' => (int) $of->number],
        );
    }
}
