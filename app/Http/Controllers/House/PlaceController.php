<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Fields\Choices;
use App\House\SavePlace;
use App\Http\Invalid;
use App\Http\Pages\PersonRef;
use App\Http\Requests\House\PlaceRequest;
use App\Http\Viewer;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\People\Place;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The tree of places, kept by the lead. */
final class PlaceController
{
    private const CHOICES = 12;

    public function index(Viewer $viewer): Response
    {
        Gate::authorize('keepRoster', House::class);
        $levels = self::levels();

        return Inertia::render('People/Places', [
            'levels' => Choices::of($levels),
            'places' => static function (): array {
                $customers = Customer::query()
                    ->whereNotNull('place_id')
                    ->groupBy('place_id')
                    ->selectRaw('place_id, COUNT(*) AS number')
                    ->pluck('number', 'place_id');

                return array_values(
                    Place::query()
                        ->with(['parent', 'responsible', 'deputy'])
                        ->orderBy('name')
                        ->get()
                        ->map(
                            static fn(Place $place): array => [
                                'slug' => $place->slug,
                                'name' => $place->name,
                                'level' => $place->level,
                                'parent' => $place->parent?->slug,
                                'responsible' => PersonRef::orNull($place->responsible),
                                'deputy' => PersonRef::orNull($place->deputy),
                                'customers' => is_numeric($customers->get($place->id))
                                    ? (int) $customers->get($place->id)
                                    : 0,
                            ],
                        )
                        ->all(),
                );
            },
            'people' => static fn(): array => Choices::people($viewer->snapshot()->roster),
        ]);
    }

    /** Those in whose name a word begins with what is asked for. */
    public function choices(Request $request): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);
        $part = addcslashes(trim($request->string('q')->limit(100, '')->toString()), '%_\\');

        return new JsonResponse([
            'found' => Place::query()
                ->with('parent')
                ->where('name', 'like', "{$part}%")
                ->orWhere('name', 'like', "% {$part}%")
                ->orderBy('name')
                ->orderBy('slug')
                ->limit(self::CHOICES)
                ->get()
                ->map(
                    static fn(Place $one): array => [
                        'value' => $one->slug,
                        'label' => $one->name,
                        'note' => $one->parent?->name,
                    ],
                )
                ->all(),
        ]);
    }

    public function store(PlaceRequest $request, Viewer $viewer, SavePlace $save): RedirectResponse
    {
        $parent = $request->parent();
        $levels = array_keys(self::levels());
        $level =
            $levels[$parent === null ? 0 : (int) array_search($parent->level, $levels, true) + 1] ??
            throw Invalid::at(
                'name',
                $parent === null
                    ? 'Say first, in the house, which levels of places there are.'
                    : 'Nothing lies below the last level.',
            );
        $save(
            null,
            $parent,
            $level,
            $request->name(),
            $request->person('responsible'),
            $request->person('deputy'),
            $viewer->actor(),
        );

        return back();
    }

    public function update(Place $place, PlaceRequest $request, Viewer $viewer, SavePlace $save): RedirectResponse
    {
        $save(
            $place,
            null,
            $place->level,
            $request->name(),
            $request->person('responsible'),
            $request->person('deputy'),
            $viewer->actor(),
        );

        return back();
    }

    /**
     * @return array<string, string> names of the levels, the highest first: those that rules ask about, and others that
     *     places have
     */
    private static function levels(): array
    {
        $levels = House::query()->firstOrFail()->levels();
        foreach (Place::query()->distinct()->orderBy('level')->get('level') as $place) {
            $levels[$place->level] ??= ucfirst($place->level);
        }

        return $levels;
    }

    public function remove(Place $place, Viewer $viewer, SavePlace $save): RedirectResponse
    {
        Gate::authorize('keepRoster', House::class);
        $save->remove($place, $viewer->actor());

        return back();
    }
}
