<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\Runsheets\StartRunRequest;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Runsheets\BeginRun;
use App\Runsheets\GoOn;
use App\Runsheets\RunDocument;
use App\Tasks\TasksInSight;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Runs of runsheets on a task or a case for other systems: listed with where they are, and started. */
final readonly class RunController
{
    public function __construct(
        private Viewer $viewer,
        private BeginRun $begin,
        private GoOn $goOn,
        private TasksInSight $sight,
    ) {}

    public function ofTask(Task $task, Request $request): JsonResponse
    {
        return $this->list($request, $task);
    }

    public function ofCase(CustomerCase $case, Request $request): JsonResponse
    {
        return $this->list($request, $case);
    }

    public function onTask(Task $task, StartRunRequest $request): JsonResponse
    {
        return $this->start($request, $task);
    }

    public function onCase(CustomerCase $case, StartRunRequest $request): JsonResponse
    {
        return $this->start($request, $case);
    }

    private function list(Request $request, Task|CustomerCase $of): JsonResponse
    {
        Gate::authorize('view', $of);
        $page = Latest::page($request, Run::query()->ofSubject($of)->with(RunDocument::RELATIONS));

        return new JsonResponse(['runs' => $this->documents($page->rows), 'before' => $page->before]);
    }

    /** Once under its key; where the runsheet allows one at a time and one goes on there already, that is answered. */
    private function start(StartRunRequest $request, Task|CustomerCase $of): JsonResponse
    {
        $isNew = false;
        [$id, $replayed] = Once::made($request, $this->viewer->user(), function () use (
            $request,
            $of,
            &$isNew,
        ): string {
            $run = $this->begin->byHand($request->sheet(), $of, $this->viewer->actor());
            $isNew = $run->wasRecentlyCreated;

            return $run->id;
        });
        if ($isNew) {
            ($this->goOn)($id);
        }
        // What its first step makes may take the subject out of sight of whoever started it.
        $run = Run::query()->with(RunDocument::RELATIONS)->findOrFail($id);
        $headers = Once::headers($replayed);

        return Gate::allows('view', $run)
            ? new JsonResponse($this->documents([$run])[0], $isNew ? 201 : 200, $headers)
            : new JsonResponse(null, 204, $headers);
    }

    /**
     * @param list<Run> $runs with what their documents need
     *
     * @return list<array<string, mixed>>
     */
    private function documents(array $runs): array
    {
        $house = $this->viewer->house();
        $seen = $this->sight->among($this->viewer->user(), RunDocument::tasksOf($runs));

        return array_map(static fn(Run $run): array => RunDocument::of($run, $house, $seen), $runs);
    }
}
