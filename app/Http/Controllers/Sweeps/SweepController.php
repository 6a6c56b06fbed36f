<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sweeps;

use App\Fields\Choices;
use App\Http\Pages\Sweeps\SweepsPage;
use App\Http\Requests\Sweeps\SaveSweepRequest;
use App\Http\Viewer;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\NamedSweep;
use App\Sweeps\SaveSweep;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Sweeps with a name, and what was swept last. */
final class SweepController
{
    public function index(Request $request, SweepsPage $page): Response
    {
        Gate::authorize('write', RulebookVersion::class);
        $request->validate(['sweep' => ['nullable', 'string', 'max:30']]);

        return Inertia::render('Sweeps/Sweeps', $page->props($request->string('sweep')->toString()));
    }

    /** What can be swept with: sweeps with a name, and rules in force. */
    public function offered(Viewer $viewer): JsonResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $sweeps = $rules = [];
        foreach (
            NamedSweep::query()
                ->orderBy('name')
                ->get(['id', 'name'])
            as $sweep
        ) {
            $sweeps[$sweep->id] = $sweep->name;
        }
        foreach ($viewer->house()->rulebook()->rulebook->rules as $rule) {
            if ($rule->active) {
                $rules[$rule->id] = $rule->name;
            }
        }

        return new JsonResponse(['sweeps' => Choices::of($sweeps), 'rules' => Choices::of($rules)]);
    }

    public function store(SaveSweepRequest $request, Viewer $viewer, SaveSweep $save): JsonResponse
    {
        return self::saved($save(null, $request->name(), $request->document(), null, $viewer->user()));
    }

    public function update(NamedSweep $sweep, SaveSweepRequest $request, Viewer $viewer, SaveSweep $save): JsonResponse
    {
        return self::saved(
            $save($sweep, $request->name(), $request->document(), $request->revision(), $viewer->user()),
        );
    }

    private static function saved(NamedSweep $sweep): JsonResponse
    {
        return new JsonResponse(['id' => $sweep->id, 'revision' => $sweep->revision]);
    }

    public function remove(NamedSweep $sweep, Viewer $viewer, SaveSweep $save): RedirectResponse
    {
        Gate::authorize('write', RulebookVersion::class);
        $save->remove($sweep, $viewer->user());

        return redirect('/rulebook/sweeps');
    }
}
