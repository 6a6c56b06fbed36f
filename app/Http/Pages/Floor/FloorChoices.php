<?php

declare(strict_types=1);

namespace App\Http\Pages\Floor;

use App\Http\Pages\TeamRefs;
use App\Http\Viewer;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\Skill;
use Illuminate\Support\Collection;

/** Teams, skills and places by which the floor is narrowed down. Its type is FloorChoices in FloorPage.ts. */
final class FloorChoices
{
    /** Places in which somebody works, that are offered. */
    private const PLACES = 200;

    /** @return array<string, list<array{slug: string, name: string}>> */
    public static function all(Viewer $viewer): array
    {
        return [
            'teams' => TeamRefs::all($viewer->snapshot()->roster),
            'skills' => self::named(
                Skill::query()
                    ->orderBy('name')
                    ->get(['slug', 'name']),
            ),
            'places' => self::named(
                Place::query()
                    ->whereIn('id', Person::query()->whereNotNull('place_id')->select('place_id'))
                    ->orderBy('name')
                    ->limit(self::PLACES)
                    ->get(['slug', 'name']),
            ),
        ];
    }

    /**
     * @param Collection<int, Skill>|Collection<int, Place> $rows
     *
     * @return list<array{slug: string, name: string}>
     */
    private static function named(Collection $rows): array
    {
        return array_values(
            $rows->map(static fn(Skill|Place $one): array => ['slug' => $one->slug, 'name' => $one->name])->all(),
        );
    }
}
