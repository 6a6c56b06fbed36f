<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Documents\RulebookFile;
use App\Http\Requests\Rules\DraftRequest;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Rules\SaveDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The rulebook as a file, out and in. What comes in becomes the draft. */
final class RulebookFileController
{
    public function export(Request $request, Viewer $viewer, RulebookFile $file): Response
    {
        $version = $request->filled('version')
            ? RulebookVersion::query()->findOrFail($request->string('version')->toString())
            : RulebookVersion::query()->published()->firstOrFail();
        Gate::authorize('view', $version);
        $name = 'rulebook-' . ($version->number ?? 'draft') . '.json';

        return new Response($file->write($version, $viewer->snapshot()), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }

    public function import(DraftRequest $request, Viewer $viewer, RulebookFile $file, SaveDraft $save): JsonResponse
    {
        $rules = $file->read((string) $request->getContent(), $viewer->snapshot());
        $save($rules, $request->revision(), $viewer->actor());

        return new JsonResponse(['rules' => count($rules)]);
    }
}
