<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sweeps;

use App\Http\Pages\Sweeps\SweepRunPage;
use App\Http\Requests\Sweeps\StartSweepRequest;
use App\Http\Requests\Sweeps\SweptTasksRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\SweepRun;
use App\Sweeps\SteerSweep;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Sweep\SweptState as ComesTo;

/** A sweep over chosen tasks: what it would do, how far it is, what it has done; carried out, stopped, taken back. */
final class SweepRunController
{
    private const FARTHEST = 100_000;

    public function store(StartSweepRequest $request, Viewer $viewer, SteerSweep $steer): JsonResponse
    {
        return new JsonResponse(['id' => $steer->look($request->order($viewer))->id], 201);
    }

    public function show(SweepRun $run, Request $request, SweepRunPage $page): Response
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate([
            'show' => ['nullable', Rule::enum(ComesTo::class)],
            'page' => ['nullable', new Whole(1, self::FARTHEST)],
        ]);

        return Inertia::render(
            'Sweeps/SweepRun',
            $page->props(
                $run,
                ComesTo::tryFrom($request->string('show')->toString()) ?? ComesTo::Changes,
                $request->integer('page', 1),
            ),
        );
    }

    /** How far it is. */
    public function progress(SweepRun $run): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);

        return new JsonResponse(SweepRunPage::progress($run));
    }

    public function choose(SweepRun $run, SweptTasksRequest $request, SteerSweep $steer): JsonResponse
    {
        $steer->choose($run, $request->places(), $request->boolean('in'));

        return new JsonResponse(SweepRunPage::progress($run));
    }

    public function carryOut(SweepRun $run, Viewer $viewer, SteerSweep $steer): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $steer->carryOut($run, $viewer->user());

        return back();
    }

    public function stop(SweepRun $run, Viewer $viewer, SteerSweep $steer): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $steer->stop($run, $viewer->user());

        return back();
    }

    public function undo(SweepRun $run, Viewer $viewer, SteerSweep $steer): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $steer->undo($run, $viewer->user());

        return back();
    }
}
