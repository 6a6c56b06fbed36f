<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Http\Pages\People\MePage;
use App\Http\Viewer;
use Inertia\Inertia;
use Inertia\Response;

/** One's own page. */
final class MeController
{
    public function __invoke(Viewer $viewer, MePage $page): Response
    {
        $person = $viewer->person();
        abort_if($person === null, 404);

        return Inertia::render('Me/Me', $page->props($person));
    }
}
