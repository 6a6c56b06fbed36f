<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\SaveTrack;
use App\Http\Pages\Cases\TrackEditorPage;
use App\Http\Pages\Cases\TrackPreview;
use App\Http\Requests\House\WrittenRequest;
use App\Http\Viewer;
use App\Models\Cases\Track;
use App\Models\House\House;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** Tracks as leads write them. */
final class TrackEditorController
{
    public function create(TrackEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Cases/TrackEditor', $page->props(null));
    }

    public function edit(Track $track, TrackEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Cases/TrackEditor', $page->props($track));
    }

    /** What the document that is being written would change, and what stands against it. Nothing is kept. */
    public function preview(Request $request, TrackPreview $preview): JsonResponse
    {
        Gate::authorize('shape', House::class);

        return new JsonResponse($preview->of(Node::parse((string) $request->getContent())));
    }

    public function save(WrittenRequest $request, SaveTrack $save, Viewer $viewer): JsonResponse
    {
        $track = $save->draft($request->document(), $viewer->actor(), $request->seen());

        return new JsonResponse(['id' => $track->slug, 'revision' => $track->revision]);
    }

    /** The document of an earlier version. */
    public function version(Track $track, int $number): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $version = $track->versions()->where('number', $number)->firstOrFail();

        return new JsonResponse(['document' => $version->document]);
    }
}
