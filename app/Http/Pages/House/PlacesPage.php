<?php

declare(strict_types=1);

namespace App\Http\Pages\House;

use App\Fields\Choices;
use App\House\PlaceReader;
use App\Http\Viewer;
use App\Models\People\Place;
use App\Models\People\PlaceTree;
use Illuminate\Http\Request;
use Illuminate\Pagination\LengthAwarePaginator;

/**
 * The tree of places, or a part of it: all below a place where that is not much, else what lies directly in it, by
 * pages; or those of a name. Its type is PlacesPage.ts.
 */
final readonly class PlacesPage
{
    private const MOST = 100;

    public function __construct(private Viewer $viewer) {}

    /** @return array<string, mixed> */
    public function props(Request $request): array
    {
        $asked = trim($request->string('q')->limit(100, '')->toString());
        $slug = $request->string('in')->toString();
        $at = $slug === '' ? null : Place::query()->where('slug', $slug)->firstOrFail();
        $found = $asked === '' ? self::tree($at) ?? self::layer($at) : self::named($asked);
        $lines = new PlaceLines(array_values($found->items()), $at);

        return [
            'levels' => Choices::of(PlaceReader::levels()),
            'asked' => $asked,
            'path' => $at === null ? [] : $lines->path($at),
            'places' => $lines->all(),
            'total' => $found->total(),
            'page' => $found->currentPage(),
            'pages' => $found->lastPage(),
            'people' => Choices::people($this->viewer->snapshot()->roster),
        ];
    }

    /** @return LengthAwarePaginator<int, Place>|null in the order of the tree; null: there are too many */
    private static function tree(?Place $at): ?LengthAwarePaginator
    {
        $below = [];
        $count = 0;
        foreach (PlaceTree::downFrom($at, self::MOST + 1) as $layer) {
            $count += $layer->count();
            if ($count > self::MOST) {
                return null;
            }
            foreach ($layer as $place) {
                $below[$place->parent_id ?? ''][] = $place;
            }
        }
        $places = self::walk($below, $at->id ?? '');

        return new LengthAwarePaginator($places, count($places), self::MOST);
    }

    /** @return LengthAwarePaginator<int, Place> */
    private static function layer(?Place $at): LengthAwarePaginator
    {
        return PlaceTree::inOrder()->where('parent_id', $at?->id)->paginate(self::MOST);
    }

    /** @return LengthAwarePaginator<int, Place> */
    private static function named(string $asked): LengthAwarePaginator
    {
        return PlaceTree::inOrder()->named($asked)->paginate(self::MOST);
    }

    /**
     * @param array<string, list<Place>> $below by what they lie in
     *
     * @return list<Place> each before those that lie in it
     */
    private static function walk(array $below, string $id): array
    {
        $all = [];
        foreach ($below[$id] ?? [] as $place) {
            array_push($all, $place, ...self::walk($below, $place->id));
        }

        return $all;
    }
}
