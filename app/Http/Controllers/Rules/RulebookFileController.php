<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Documents\RulebookFile;
use App\Http\Requests\Rules\DraftRequest;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Rules\ImportRules;
use App\Rules\RuleDifferences;
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

    /** What a file would change of the rules that are worked on; nothing is done. */
    public function preview(Request $request, Viewer $viewer, RulebookFile $file): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);

        return new JsonResponse(
            ImportRules::preview($file->read((string) $request->getContent(), $viewer->snapshot())),
        );
    }

    public function import(DraftRequest $request, Viewer $viewer, RulebookFile $file, ImportRules $import): JsonResponse
    {
        $rules = $file->read((string) $request->getContent(), $viewer->snapshot());
        $revision = $import($rules, $request->revision(), $viewer->actor());

        return new JsonResponse(['rules' => count($rules), 'revision' => $revision]);
    }

    /** The draft is what it was before a file was read into it. */
    public function undo(DraftRequest $request, Viewer $viewer, ImportRules $import): JsonResponse
    {
        $import->undo($request->revision(), $viewer->actor());

        return new JsonResponse(['undone' => true]);
    }

    /** What is otherwise in one version than in another. */
    public function compare(Request $request): JsonResponse
    {
        Gate::authorize('viewAny', RulebookVersion::class);
        $request->validate([
            'from' => ['required', 'string', 'exists:rulebook_versions,id'],
            'to' => ['required', 'string', 'exists:rulebook_versions,id'],
        ]);
        $rules = [];
        foreach (['from', 'to'] as $side) {
            $version = RulebookVersion::query()->findOrFail($request->string($side)->toString());
            Gate::authorize('view', $version);
            $rules[] = array_values((array) $version->rules);
        }

        return new JsonResponse(RuleDifferences::of(...$rules));
    }
}
