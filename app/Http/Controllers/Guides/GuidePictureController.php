<?php

declare(strict_types=1);

namespace App\Http\Controllers\Guides;

use App\Guides\KeepPicture;
use App\Http\Requests\Guides\PictureRequest;
use App\Http\Viewer;
use App\Models\Guides\Guide;
use App\Models\Guides\GuidePicture;
use App\Tasks\StoredFile;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Pictures in guides. */
final class GuidePictureController
{
    public function store(PictureRequest $request, Viewer $viewer, KeepPicture $keep): JsonResponse
    {
        return new JsonResponse(['url' => $keep($request->upload(), $viewer->user())->url()], 201);
    }

    public function show(GuidePicture $picture): StreamedResponse
    {
        Gate::authorize('viewAny', Guide::class);
        $disk = Storage::disk(StoredFile::DISK);
        abort_unless($disk->exists($picture->path), 404);

        return $disk->response($picture->path, $picture->id, [
            'Content-Type' => $picture->type,
            'X-Content-Type-Options' => 'nosniff',
            'Content-Security-Policy' => "default-src 'none'; sandbox",
            // What is under an address never changes.
            'Cache-Control' => 'private, max-age=604800, immutable',
        ]);
    }
}
