<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Pages\Rules\FindingsView;
use App\Http\Requests\Rules\SetFindingAsideRequest;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Rules\SetFindingAside;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** What checks find of the rules. */
final class FindingsController
{
    public function show(Viewer $viewer, FindingsView $view): JsonResponse
    {
        Gate::authorize('viewAny', RulebookVersion::class);
        $draft = $viewer->user()->can('write', RulebookVersion::class)
            ? RulebookVersion::query()->draft()->first()
            : null;

        return new JsonResponse($view->of($draft ?? RulebookVersion::query()->published()->first()));
    }

    public function setAside(
        SetFindingAsideRequest $request,
        string $signature,
        Viewer $viewer,
        SetFindingAside $aside,
    ): JsonResponse {
        $aside($signature, $request->reason(), $viewer->actor());

        return new JsonResponse(['done' => true]);
    }

    public function takeUp(string $signature, Viewer $viewer, SetFindingAside $aside): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $aside->takeUp($signature, $viewer->actor());

        return new JsonResponse(['done' => true]);
    }
}
