<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Viewer;
use Illuminate\Http\JsonResponse;

/** Who the owner of a token is. */
final class MeController
{
    public function __invoke(Viewer $viewer): JsonResponse
    {
        return new JsonResponse([
            'name' => $viewer->user()->name,
            'person' => $viewer->person()?->slug,
            'zone' => $viewer->zone()->name,
        ]);
    }
}
