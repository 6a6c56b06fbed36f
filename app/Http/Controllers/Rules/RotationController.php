<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Pages\Rules\RotationsPage;
use App\Http\Requests\Rules\CorrectRotationRequest;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Rules\CorrectRotation;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\TextLimits;

/** Rotations: whose turn is next, what became of the last ones, and how to put them right. */
final class RotationController
{
    public function show(Request $request, RotationsPage $page): Response
    {
        Gate::authorize('viewAny', RulebookVersion::class);
        $request->validate(['rotation' => ['nullable', 'string', 'max:' . TextLimits::ROTATION]]);

        return Inertia::render('Rulebook/Rotations', $page->props($request->string('rotation')->toString()));
    }

    public function correct(CorrectRotationRequest $request, Viewer $viewer, CorrectRotation $correct): RedirectResponse
    {
        $correct(
            $request->string('rotation')->toString(),
            $request->act(),
            $request->chosen('person'),
            $request->chosen('reason'),
            $viewer->actor(),
        );

        return back();
    }
}
