<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportRoster;
use App\Bridge\RosterDocument;
use App\Formats\RulebookFile;
use App\Http\Requests\RosterImportRequest;
use App\Http\Viewer;
use App\Models\House;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The roster as a file, out and in. What comes in is looked at first. */
final class RosterFileController
{
    public function export(): Response
    {
        Gate::authorize('exportRoster', House::class);

        return new Response(RulebookFile::json(RosterDocument::build(House::query()->firstOrFail())), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="roster.json"',
        ]);
    }

    /** What a file would add, change and remove. */
    public function preview(RosterImportRequest $request, ImportRoster $import): JsonResponse
    {
        return new JsonResponse($import->preview($request->document(), $request->removes()));
    }

    public function import(RosterImportRequest $request, Viewer $viewer, ImportRoster $import): JsonResponse
    {
        $import($request->document(), $request->removes(), $viewer->actor());

        return new JsonResponse(['imported' => true]);
    }
}
