<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\House\SaveSetUp;
use App\Http\Pages\House\SetupPage;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\Rules\RulebookVersion;
use App\Rules\ReadyMade;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** The way from an empty house to one that routes work. */
final class SetupController
{
    public function show(SetupPage $page): Response
    {
        Gate::authorize('shape', House::class);

        return Inertia::render('House/Setup', $page->props());
    }

    /** One of the rules that many houses begin with goes into the draft. */
    public function ready(Request $request, Viewer $viewer, ReadyMade $ready, Words $words): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate([
            'code' => ['required', 'string', Rule::in(array_keys(ReadyMade::ASKS))],
            'choice' => ['required', 'string'],
            'kind' => ['nullable', 'string'],
        ]);
        /** @var key-of<ReadyMade::ASKS> $code */
        $code = $request->string('code')->toString();
        $ready->add(
            $code,
            $request->string('choice')->toString(),
            $request->filled('kind') ? $request->string('kind')->toString() : null,
            $viewer->actor(),
        );

        return new JsonResponse(['said' => $words->say('ready.added')]);
    }

    /** The house needs no setting up any more, or is looked at once again. */
    public function end(Request $request, Viewer $viewer, SaveSetUp $save): RedirectResponse
    {
        Gate::authorize('shape', House::class);
        $request->validate(['done' => ['required', 'boolean']]);
        $save($request->boolean('done'), $viewer->actor());

        return redirect($request->boolean('done') ? '/' : '/setup');
    }
}
