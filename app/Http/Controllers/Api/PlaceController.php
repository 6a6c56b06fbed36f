<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\House\SavePlace;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\House\House;
use App\Models\People\Place;
use App\Models\People\PlaceTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;

/** The tree of places for other systems; docs/formats/openapi.yaml describes it. */
final class PlaceController
{
    private const PAGE = 100;

    private const WITH = ['parent', 'responsible', 'deputy'];

    /** By beginnings of words of their names, or all, a page at a time. */
    public function index(Request $request): JsonResponse
    {
        return $this->ask(static function () use ($request): JsonResponse {
            $request->validate(['q' => ['nullable', 'string', 'max:200'], 'page' => ['nullable', new Whole(1)]]);
            $found = PlaceTree::inOrder()
                ->with(self::WITH)
                ->offered()
                ->named(trim($request->string('q')->toString()))
                ->paginate(self::PAGE);

            return new JsonResponse([
                'places' => array_map(self::document(...), $found->items()),
                'total' => $found->total(),
                'pages' => $found->lastPage(),
            ]);
        });
    }

    public function show(string $place, Request $request): JsonResponse
    {
        return $this->ask(static fn(): JsonResponse => new JsonResponse(self::document(self::find($place))));
    }

    public function store(Request $request, Viewer $viewer, SavePlace $save): JsonResponse
    {
        return $this->ask(static function () use ($request, $viewer, $save): JsonResponse {
            $place = $save(null, Node::parse((string) $request->getContent()), $viewer->actor());

            return new JsonResponse(self::document($place->load(self::WITH)), 201, [
                'Location' => "{$request->url()}/{$place->slug}",
            ]);
        });
    }

    public function update(string $place, Request $request, Viewer $viewer, SavePlace $save): JsonResponse
    {
        return $this->ask(static function () use ($place, $request, $viewer, $save): JsonResponse {
            $saved = $save(self::find($place), Node::parse((string) $request->getContent()), $viewer->actor());

            return new JsonResponse(self::document($saved->load(self::WITH)));
        });
    }

    /** @param callable(): JsonResponse $answer */
    private function ask(callable $answer): JsonResponse
    {
        Gate::authorize('keepRoster', House::class);

        return $answer();
    }

    private static function find(string $place): Place
    {
        return Place::query()->with(self::WITH)->where('slug', $place)->firstOrFail();
    }

    /** @return array<string, mixed> */
    private static function document(Place $place): array
    {
        return [
            'id' => $place->slug,
            'name' => $place->name,
            'level' => $place->level,
            'in' => $place->parent?->slug,
            'responsible' => $place->responsible?->slug,
            'deputy' => $place->deputy?->slug,
            'retired' => $place->retired_at !== null,
        ];
    }
}
