<?php

declare(strict_types=1);

namespace App\Http\Controllers\Levelling;

use App\Http\Pages\Levelling\LevellingPage;
use App\Http\Pages\Levelling\LevellingsPage;
use App\Http\Requests\Levelling\ChooseMovesRequest;
use App\Http\Requests\Levelling\LevelRequest;
use App\Http\Viewer;
use App\Levelling\ApplyLevelling;
use App\Levelling\SteerLevelling;
use App\Levelling\UndoLevelling;
use App\Models\Levelling\Levelling;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response as Nothing;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Who else should have which task: worked out in the background, chosen from, taken and taken back. */
final readonly class LevellingController
{
    public function __construct(private SteerLevelling $steer) {}

    public function index(LevellingsPage $page): Response
    {
        Gate::authorize('create', Levelling::class);

        return Inertia::render('Levelling/Levellings', $page->props());
    }

    public function store(LevelRequest $request, Viewer $viewer): RedirectResponse
    {
        $levelling = $this->steer->begin($request->teams(), $request->terms(), $viewer->user());

        return redirect("/levellings/{$levelling->id}");
    }

    public function show(Levelling $levelling, LevellingPage $page): Response
    {
        Gate::authorize('create', Levelling::class);

        return Inertia::render('Levelling/Levelling', $page->props($levelling));
    }

    /** How far it is, and whether somebody has chosen otherwise. */
    public function progress(string $levelling): JsonResponse
    {
        Gate::authorize('create', Levelling::class);

        return new JsonResponse(LevellingPage::progress(Levelling::query()->short()->findOrFail($levelling)));
    }

    public function choose(Levelling $levelling, ChooseMovesRequest $request): Nothing
    {
        $this->steer->choose($levelling, $request->integer('group'), $request->boolean('left'));

        return response()->noContent();
    }

    public function stop(Levelling $levelling): RedirectResponse
    {
        Gate::authorize('create', Levelling::class);
        $this->steer->stop($levelling);

        return back();
    }

    public function apply(Levelling $levelling, Viewer $viewer, ApplyLevelling $apply): RedirectResponse
    {
        Gate::authorize('create', Levelling::class);
        $apply($levelling, $viewer->user());

        return back();
    }

    public function undo(Levelling $levelling, Viewer $viewer, UndoLevelling $undo): RedirectResponse
    {
        Gate::authorize('create', Levelling::class);
        $undo($levelling, $viewer->user());

        return back();
    }
}
