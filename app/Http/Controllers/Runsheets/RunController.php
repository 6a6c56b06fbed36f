<?php

declare(strict_types=1);

namespace App\Http\Controllers\Runsheets;

use App\Http\Pages\Runsheets\RunPage;
use App\Http\Pages\Runsheets\RunsPage;
use App\Http\Requests\Runsheets\MoveRunRequest;
use App\Http\Requests\Runsheets\RunDeedRequest;
use App\Http\Requests\Runsheets\StartRunRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Runsheets\Run;
use App\Models\Tasks\Task;
use App\Refusals\RunMovedOn;
use App\Runsheets\GoOn;
use App\Runsheets\MoveRun;
use App\Runsheets\StartRun;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Flow\Run\Run as CoreRun;
use OpenBaton\Core\Flow\Run\RunAdvance;
use OpenBaton\Core\Flow\Run\RunEngine;
use OpenBaton\Core\Flow\Run\RunMoment;
use OpenBaton\Core\Flow\Run\RunRefused;

/** Runs of runsheets: looked at, started and steered. */
final readonly class RunController
{
    public function __construct(private Viewer $viewer, private GoOn $goOn, private StartRun $startRun) {}

    public function index(Request $request, RunsPage $page): Response
    {
        Gate::authorize('viewAny', Run::class);
        $request->validate(['page' => [new Whole(1, 100_000)], 'over' => ['boolean']]);

        return Inertia::render('Runsheets/Runs', $page->props($request->integer('page', 1), $request->boolean('over')));
    }

    public function show(Run $run, RunPage $page): Response
    {
        Gate::authorize('view', $run);

        return Inertia::render('Runsheets/Run', $page->props($run));
    }

    /** Of nothing. */
    public function store(StartRunRequest $request): JsonResponse
    {
        return $this->start($request, null);
    }

    public function ofTask(Task $task, StartRunRequest $request): JsonResponse
    {
        return $this->start($request, $task);
    }

    public function ofCase(CustomerCase $case, StartRunRequest $request): JsonResponse
    {
        return $this->start($request, $case);
    }

    /** Where one of the runsheet goes on there already, that is answered. */
    private function start(StartRunRequest $request, Task|CustomerCase|null $of): JsonResponse
    {
        $run = ($this->startRun)($request->sheet(), $of, $this->viewer->actor());

        return new JsonResponse(['id' => $run->id], $run->wasRecentlyCreated ? 201 : 200);
    }

    /** @throws RunMovedOn where it has gone on since, or does not let that be done to it */
    public function deed(Run $run, RunDeedRequest $request): JsonResponse
    {
        $step = $request->step();
        $deed = $request->deed();
        try {
            $this->goOn->by(
                $run->id,
                $request->seen(),
                static fn(RunEngine $engine, CoreRun $at, RunMoment $moment): RunAdvance => match ($deed) {
                    'again' => $engine->again($at, $step, $moment),
                    'without' => $engine->without($at, $step, $moment),
                    'back' => $engine->back($at, $step, $moment),
                    default => $engine->cancel($at, $moment),
                },
                $this->viewer->actor(),
                $request->keeps(),
            );
        } catch (RunRefused $refused) {
            throw RunMovedOn::not($refused->why);
        }

        return new JsonResponse(['saved' => true]);
    }

    /** @throws RunMovedOn where it has gone on since, or goes by that version already */
    public function move(Run $run, MoveRunRequest $request, MoveRun $move): JsonResponse
    {
        try {
            $move($run->id, $request->seen(), $request->keeps(), $this->viewer->actor());
        } catch (RunRefused $refused) {
            throw RunMovedOn::not($refused->why);
        }

        return new JsonResponse(['saved' => true]);
    }
}
