<?php

declare(strict_types=1);

namespace App\Http\Controllers\Rules;

use App\Http\Pages\Rules\FindingsView;
use App\Http\Requests\Rules\SetFindingAsideRequest;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Rules\FindRules;
use App\Rules\SetFindingAside;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\TextLimits;

/** What checks, and people, find of the rules. */
final class FindingsController
{
    public function show(Viewer $viewer, FindingsView $view): JsonResponse
    {
        Gate::authorize('viewAny', RulebookVersion::class);

        return new JsonResponse($view->of($viewer->workedOn()));
    }

    /** Rules that have every word of a text in them, as people call what stands in them. */
    public function find(Request $request, Viewer $viewer, FindRules $find): JsonResponse
    {
        Gate::authorize('viewAny', RulebookVersion::class);
        $request->validate(['q' => ['required', 'string', 'max:' . TextLimits::NAME]]);
        $version = $viewer->workedOn();

        return new JsonResponse([
            'rules' => $version === null ? [] : $find($version, $viewer->snapshot(), $request->string('q')->toString()),
        ]);
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
