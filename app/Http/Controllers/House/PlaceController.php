<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\House\PlacesTable;
use App\House\SavePlace;
use App\Http\Pages\House\PlacesPage;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\People\Place;
use App\Models\People\PlaceTree;
use App\Tables\TableWriter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The tree of places, kept by the lead. */
final class PlaceController
{
    private const CHOICES = 12;

    public function index(Request $request, PlacesPage $page): Response
    {
        Gate::authorize('keepRoster', House::class);

        return Inertia::render('People/Places', $page->props($request));
    }

    /** Those in whose name a word begins with what is asked for. */
    public function choices(Request $request): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);

        return new JsonResponse([
            'found' => PlaceTree::inOrder()
                ->with('parent')
                ->offered()
                ->named(trim($request->string('q')->limit(100, '')->toString()))
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

    public function store(Request $request, Viewer $viewer, SavePlace $save): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);
        $place = $save(null, Node::parse((string) $request->getContent()), $viewer->actor());

        return new JsonResponse(['slug' => $place->slug], 201);
    }

    public function update(Place $place, Request $request, Viewer $viewer, SavePlace $save): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);
        $save($place, Node::parse((string) $request->getContent()), $viewer->actor());

        return new JsonResponse(['slug' => $place->slug]);
    }

    /** Retires a place with all below it, or takes it up again. */
    public function retire(Place $place, Request $request, Viewer $viewer, SavePlace $save): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);
        $request->validate(['retired' => ['required', 'boolean']]);
        $save->retire($place, $request->boolean('retired'), $viewer->actor());

        return new JsonResponse(['slug' => $place->slug]);
    }

    public function remove(Place $place, Viewer $viewer, SavePlace $save): RedirectResponse
    {
        Gate::authorize('keepRoster', House::class);
        $save->remove($place, $viewer->actor());

        return back();
    }

    /** The tree as a table, as it comes in as well: a place after the one that it lies in. */
    public function export(): StreamedResponse
    {
        Gate::authorize('keepRoster', House::class);

        return TableWriter::response('places', static function (TableWriter $writer): void {
            $writer->line(array_keys(PlacesTable::COLUMNS));
            foreach (PlaceTree::downFrom(null) as $layer) {
                $layer->load(['parent', 'responsible', 'deputy']);
                foreach ($layer as $place) {
                    $writer->line([
                        $place->slug,
                        $place->name,
                        $place->parent?->slug,
                        $place->responsible?->slug,
                        $place->deputy?->slug,
                    ]);
                }
            }
        });
    }
}
