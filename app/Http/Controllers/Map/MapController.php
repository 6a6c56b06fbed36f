<?php

declare(strict_types=1);

namespace App\Http\Controllers\Map;

use App\Http\Pages\Map\MapPage;
use App\Http\Requests\Map\MapRequest;
use Inertia\Inertia;
use Inertia\Response;

final class MapController
{
    public function __invoke(MapRequest $request, MapPage $page): Response
    {
        return Inertia::render('Map/Map', $page->props($request->opened(), $request->at(), $request->person()));
    }
}
