<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cases;

use App\Cases\SaveTrack;
use App\Documents\RulebookFile;
use App\Http\Pages\Cases\RiverPage;
use App\Http\Pages\Cases\TracksPage;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\Cases\Track;
use App\Models\House\House;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** The tracks of cases: looked at, taken in and out as documents, published by leads. */
final class TrackController
{
    public function index(TracksPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Cases/Tracks', $page->props());
    }

    /** A document comes in, as a draft. */
    public function store(Request $request, SaveTrack $save, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $track = $save->draft(Node::parse((string) $request->getContent()), $viewer->actor());

        return new JsonResponse(['track' => $track->slug], 201);
    }

    public function publish(Track $track, Request $request, SaveTrack $save, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $save->publish($track, self::seen($request), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    public function discard(Track $track, Request $request, SaveTrack $save, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $save->discard($track, self::seen($request), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    /** The document of it: the draft where there is one, else as it is published. */
    public function export(Track $track): HttpResponse
    {
        Gate::authorize('shape', House::class);
        $document = $track->draft ?? $track->published?->document;

        return new HttpResponse(RulebookFile::json($document ?? []), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$track->slug}.track.json\"",
        ]);
    }

    private static function seen(Request $request): int
    {
        $request->validate(['revision' => ['required', new Whole(0)]]);

        return $request->integer('revision');
    }

    public function river(Track $track, Viewer $viewer, RiverPage $page): Response
    {
        Gate::authorize('shape', House::class);
        $published = $viewer->snapshot()->tracks[$track->slug] ?? abort(404);

        return Inertia::render('Cases/River', $page->props($published));
    }
}
