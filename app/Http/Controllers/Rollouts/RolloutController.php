<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rollouts;

use App\Http\Pages\Rollouts\RolloutEditorPage;
use App\Http\Pages\Rollouts\RolloutPage;
use App\Http\Pages\Rollouts\RolloutPreview;
use App\Http\Pages\Rollouts\RolloutsPage;
use App\Http\Requests\Rollouts\RolloutDeedRequest;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Rollouts\Rollout;
use App\Rollouts\RemindOfRollout;
use App\Rollouts\StartRollout;
use App\Rollouts\SteerRollout;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** Rollouts: written with their preview, begun, looked at, steered; by leads. */
final class RolloutController
{
    public function index(Request $request, RolloutsPage $page): Response
    {
        Gate::authorize('shape', House::class);

        $request->validate(['page' => [new Whole(1, 100_000)]]);

        return Inertia::render('Rollouts/Rollouts', $page->props($request->integer('page', 1)));
    }

    public function create(RolloutEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Rollouts/RolloutEditor', $page->props(null));
    }

    /** The same again, with its days moved. */
    public function again(Rollout $rollout, RolloutEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Rollouts/RolloutEditor', $page->props($rollout));
    }

    /** Every task that it would make. Nothing is made. */
    public function preview(Request $request, RolloutPreview $preview): JsonResponse
    {
        Gate::authorize('shape', House::class);

        return new JsonResponse($preview->of(Node::parse((string) $request->getContent())));
    }

    public function store(Request $request, StartRollout $start, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $rollout = $start(Node::parse((string) $request->getContent()), $viewer->user());

        return new JsonResponse(['rollout' => $rollout->id], 201);
    }

    public function show(Rollout $rollout, RolloutPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Rollouts/Rollout', $page->props($rollout));
    }

    public function progress(Rollout $rollout): JsonResponse
    {
        Gate::authorize('shape', House::class);

        return new JsonResponse(RolloutPage::progress($rollout));
    }

    public function deed(
        Rollout $rollout,
        RolloutDeedRequest $request,
        SteerRollout $steer,
        RemindOfRollout $remind,
        Viewer $viewer,
    ): JsonResponse {
        $by = $viewer->user();
        $reminded = 0;
        match ($request->deed()) {
            'go_on' => $steer->goOn($rollout, $by),
            'stop' => $steer->stop($rollout, $by),
            'take_back' => $steer->takeBack($rollout, $by),
            default => ($reminded = $remind($rollout, $rollout->name)),
        };

        return new JsonResponse(['saved' => true, 'reminded' => $reminded]);
    }
}
