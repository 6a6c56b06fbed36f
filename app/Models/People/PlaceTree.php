<?php

declare(strict_types=1);

namespace App\Models\People;

use Generator;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** The tree of places, read layer by layer: as many queries as there are levels, however many places. */
final class PlaceTree
{
    /**
     * @param list<string> $ids
     *
     * @return array<string, Place> those places and all that they lie in, with whoever answers for each, by key
     */
    public static function upFrom(array $ids): array
    {
        $places = [];
        while ($ids !== []) {
            $next = [];
            foreach (
                Place::query()
                    ->with(['responsible', 'deputy'])
                    ->findMany($ids)
                as $place
            ) {
                $places[$place->id] = $place;
                if ($place->parent_id !== null) {
                    $next[$place->parent_id] = $place->parent_id;
                }
            }
            $ids = array_values(array_diff_key($next, $places));
        }

        return $places;
    }

    /**
     * @param int $most of each layer
     *
     * @return Generator<int, Collection<int, Place>> what lies in a place, or in none, and in that, the higher first
     */
    public static function downFrom(?Place $place, int $most = PHP_INT_MAX): Generator
    {
        $layer = self::inOrder()->where('parent_id', $place?->id)->limit($most)->get();
        while ($layer->isNotEmpty()) {
            yield $layer;
            $layer = self::inOrder()->whereIn('parent_id', $layer->modelKeys())->limit($most)->get();
        }
    }

    /** @return Builder<Place> as people look through them: retired ones last */
    public static function inOrder(): Builder
    {
        return Place::query()->orderBy('retired_at')->orderBy('name')->orderBy('slug');
    }
}
