<?php

declare(strict_types=1);

namespace App\Http\Controllers\Foresight;

use App\Http\Pages\Foresight\ForesightPage;
use App\Models\House\House;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final class ForesightController
{
    public function __invoke(Request $request, ForesightPage $page): Response
    {
        Gate::authorize('viewFloor', House::class);

        return Inertia::render('Foresight/Foresight', $page->props($request->string('about')->toString()));
    }
}
