<?php

declare(strict_types=1);

namespace App\Http\Controllers\Runsheets;

use App\Documents\RulebookFile;
use App\Http\Pages\Runsheets\RunsBehind;
use App\Http\Pages\Runsheets\RunsheetsPage;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Runsheets\Runsheet;
use App\Runsheets\SaveRunsheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as HttpResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** Runsheets: looked at, taken in and out as documents, published by leads. */
final class RunsheetController
{
    public function index(RunsheetsPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Runsheets/Runsheets', $page->props());
    }

    /** A document comes in, as a draft. */
    public function store(Request $request, SaveRunsheet $save, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $sheet = $save->draft(Node::parse((string) $request->getContent()), $viewer->actor());

        return new JsonResponse(['runsheet' => $sheet->slug], 201);
    }

    public function publish(Runsheet $runsheet, Request $request, SaveRunsheet $save, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $save->publish($runsheet, self::seen($request), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    public function discard(Runsheet $runsheet, Request $request, SaveRunsheet $save, Viewer $viewer): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $save->discard($runsheet, self::seen($request), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    /** Runs of it that go on with an earlier version, with what would become of each in the one published. */
    public function behind(Runsheet $runsheet, RunsBehind $behind): JsonResponse
    {
        Gate::authorize('shape', House::class);

        return new JsonResponse(['runs' => $behind->of($runsheet)]);
    }

    /** The document of it: the draft where there is one, else as it is published. */
    public function export(Runsheet $runsheet): HttpResponse
    {
        Gate::authorize('shape', House::class);
        $document = $runsheet->draft ?? $runsheet->published?->document;

        return new HttpResponse(RulebookFile::json($document ?? []), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$runsheet->slug}.runsheet.json\"",
        ]);
    }

    private static function seen(Request $request): int
    {
        $request->validate(['revision' => ['required', new Whole(0)]]);

        return $request->integer('revision');
    }
}
