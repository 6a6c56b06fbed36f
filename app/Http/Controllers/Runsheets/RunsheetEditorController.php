<?php

declare(strict_types=1);

namespace App\Http\Controllers\Runsheets;

use App\Http\Pages\Runsheets\RunsheetEditorPage;
use App\Http\Pages\Runsheets\SheetPreview;
use App\Http\Pages\Runsheets\SheetTrial;
use App\Http\Requests\House\WrittenRequest;
use App\Http\Requests\Runsheets\TrialRequest;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Runsheets\Runsheet;
use App\Runsheets\SaveRunsheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** Runsheets as leads write them. */
final class RunsheetEditorController
{
    public function create(RunsheetEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Runsheets/RunsheetEditor', $page->props(null));
    }

    public function edit(Runsheet $runsheet, RunsheetEditorPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('Runsheets/RunsheetEditor', $page->props($runsheet));
    }

    /** What the document that is being written would change and take. Nothing is kept. */
    public function preview(Request $request, SheetPreview $preview): JsonResponse
    {
        Gate::authorize('shape', House::class);

        return new JsonResponse($preview->of(Node::parse((string) $request->getContent())));
    }

    /** How far a run of it would be. Nothing is made. */
    public function try(TrialRequest $request, SheetTrial $trial): JsonResponse
    {
        return new JsonResponse(
            $trial->of($request->document(), $request->deeds(), $request->holds(), $request->subject()),
        );
    }

    public function save(WrittenRequest $request, SaveRunsheet $save, Viewer $viewer): JsonResponse
    {
        $sheet = $save->draft($request->document(), $viewer->actor(), $request->seen());

        return new JsonResponse(['id' => $sheet->slug, 'revision' => $sheet->revision]);
    }

    /** The document of an earlier version. */
    public function version(Runsheet $runsheet, int $number): JsonResponse
    {
        Gate::authorize('shape', House::class);
        $version = $runsheet->versions()->where('number', $number)->firstOrFail();

        return new JsonResponse(['document' => $version->document]);
    }
}
