<?php

declare(strict_types=1);

namespace App\Http\Pages\House;

use App\Http\Pages\PersonRef;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\PlaceTree;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * Places in lines, each with where it lies, whoever answers for it, and what is in it. Its type is PlacesPage.ts.
 *
 * @phpstan-type Named array{value: string, label: string}
 */
final readonly class PlaceLines
{
    /** @var list<string> */
    private array $ids;

    /** @var array<string, Place> all that they lie in, and they themselves, by key */
    private array $all;

    /**
     * @param list<Place> $places
     * @param Place|null  $at     what else is named, by its path
     */
    public function __construct(private array $places, ?Place $at)
    {
        $this->ids = array_map(static fn(Place $one): string => $one->id, $places);
        $this->all = PlaceTree::upFrom([...$this->ids, ...$at === null ? [] : [$at->id]]);
    }

    /** @return list<array<string, mixed>> */
    public function all(): array
    {
        $customers = $this->counted(Customer::query(), 'place_id');
        $people = $this->counted(Person::query(), 'place_id');
        $below = $this->counted(Place::query(), 'parent_id');
        $shown = array_flip($this->ids);
        $opened = array_flip(array_map(static fn(Place $one): string => $one->parent_id ?? '', $this->places));

        return array_map(function (Place $place) use ($customers, $people, $below, $shown, $opened): array {
            $way = $this->way($place);

            return [
                'slug' => $place->slug,
                'name' => $place->name,
                'level' => $place->level,
                'depth' => count(array_filter($way, static fn(Place $one): bool => isset($shown[$one->id]))) - 1,
                'path' => array_slice(array_map(self::named(...), $way), 0, -1),
                'responsible' => self::answering($way, 'responsible'),
                'deputy' => self::answering($way, 'deputy'),
                'customers' => $customers[$place->id] ?? 0,
                'below' => isset($opened[$place->id]) ? 0 : $below[$place->id] ?? 0,
                'empty' => !isset($below[$place->id]) && !isset($people[$place->id]) && !isset($customers[$place->id]),
                'retired' => $place->retired_at !== null,
            ];
        }, $this->places);
    }

    /** @return list<Named> what a place lies in, the highest first, and itself */
    public function path(Place $place): array
    {
        return array_map(self::named(...), $this->way($place));
    }

    /** @return list<Place> */
    private function way(Place $place): array
    {
        $way = [];
        for ($at = $this->all[$place->id] ?? null; $at !== null; $at = $this->all[$at->parent_id ?? ''] ?? null) {
            $way[] = $at;
        }

        return array_reverse($way);
    }

    /**
     * Whoever answers for a place: its own, or the nearest above it.
     *
     * @param list<Place> $way
     *
     * @return array{person: array{slug: string, name: string}|null, own: bool}
     */
    private static function answering(array $way, string $role): array
    {
        foreach (array_reverse($way) as $distance => $place) {
            $person = $place->getRelation($role);
            if ($person instanceof Person) {
                return ['person' => PersonRef::of($person), 'own' => $distance === 0];
            }
        }

        return ['person' => null, 'own' => true];
    }

    /**
     * @template T of Model
     *
     * @param Builder<T> $query
     *
     * @return array<string, int> by place
     */
    private function counted(Builder $query, string $column): array
    {
        $found = $query
            ->whereIn($column, $this->ids)
            ->groupBy($column)
            ->selectRaw("{$column} AS place, COUNT(*) AS number")
            ->toBase()
            ->get();
        $counts = [];
        foreach ($found as $row) {
            $row = (array) $row;
            if (is_string($row['place'] ?? null) && is_numeric($row['number'] ?? null)) {
                $counts[$row['place']] = (int) $row['number'];
            }
        }

        return $counts;
    }

    /** @return Named */
    private static function named(Place $place): array
    {
        return ['value' => $place->slug, 'label' => $place->name];
    }
}
