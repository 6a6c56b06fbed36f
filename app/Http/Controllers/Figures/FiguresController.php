<?php

declare(strict_types=1);

namespace App\Http\Controllers\Figures;

use App\Http\Pages\Figures\FiguresPage;
use App\Http\Requests\Figures\FiguresRequest;
use Inertia\Inertia;
use Inertia\Response;

final class FiguresController
{
    public function __invoke(FiguresRequest $request, FiguresPage $page): Response
    {
        return Inertia::render('Figures/Figures', $page->props($request->team(), $request->by(), $request->weeks()));
    }
}
