<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ImportRoster;
use App\Bridge\RosterDocument;
use App\Models\House;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** The roster as a file, out and in. */
final class RosterFileController
{
    public function export(): Response
    {
        Gate::authorize('exportRoster', House::class);

        return new Response(self::json(House::query()->firstOrFail()), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="roster.json"',
        ]);
    }

    public static function json(House $house): string
    {
        return json_encode(RosterDocument::build($house), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)."\n";
    }

    public function import(Request $request, Reader $reader, ImportRoster $import): JsonResponse
    {
        Gate::authorize('importRoster', House::class);
        $import(Node::parse((string) $request->getContent())->value, $reader->user());

        return new JsonResponse(['imported' => true]);
    }
}
