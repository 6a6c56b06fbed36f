<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\SaveDraft;
use App\Formats\RulebookFile;
use App\Models\RulebookVersion;
use App\Models\VersionState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

/** The rulebook as a file, out and in. What comes in becomes the draft. */
final class RulebookFileController
{
    public function export(Request $request, Reader $reader, RulebookFile $file): Response
    {
        Gate::authorize('viewAny', RulebookVersion::class);
        $versions = RulebookVersion::query();
        $version = $request->filled('version')
            ? $versions->findOrFail($request->string('version')->toString())
            : $versions->where('state', VersionState::Published)->firstOrFail();
        $name = 'rulebook-'.($version->number ?? 'draft').'.json';

        return new Response($file->write($version, $reader->snapshot()), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }

    public function import(Request $request, Reader $reader, RulebookFile $file, SaveDraft $save): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate(['revision' => ['required', 'integer']]);
        $rules = $file->read((string) $request->getContent(), $reader->snapshot());
        $save($rules, $request->integer('revision'), $reader->user());

        return new JsonResponse(['rules' => count($rules)]);
    }
}
