<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Database\Slug;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Refusals\PlaceInUse;

/**
 * Adds, changes and takes away places of the tree. Who answers for a place answers for all below that has nobody of its
 * own.
 */
final class SavePlace
{
    /** @param Place|null $place null: a new one at a level, below another or at the top */
    public function __invoke(
        ?Place $place,
        ?Place $parent,
        string $level,
        string $name,
        ?Person $responsible,
        ?Person $deputy,
        Actor $by,
    ): Place {
        return ChangeHouse::run('place_saved', "saved the place {$name}", $by, static function () use (
            $place,
            $parent,
            $level,
            $name,
            $responsible,
            $deputy,
        ): Place {
            $place ??= new Place([
                'slug' => Slug::free($name, new Place()),
                'level' => $level,
                'parent_id' => $parent?->id,
            ]);
            $place->fill(['name' => $name, 'responsible_id' => $responsible?->id, 'deputy_id' => $deputy?->id])->save();

            return $place;
        });
    }

    /** @throws PlaceInUse where customers, people or other places are in it; nothing is changed */
    public function remove(Place $place, Actor $by): void
    {
        ChangeHouse::run('place_removed', "took the place {$place->name} away", $by, static function () use (
            $place,
        ): Place {
            if (
                Customer::query()->where('place_id', $place->id)->exists() ||
                Place::query()->where('parent_id', $place->id)->exists() ||
                Person::query()->where('place_id', $place->id)->exists()
            ) {
                throw PlaceInUse::byOthers();
            }
            // Somebody else may have taken it away a moment ago.
            Place::query()->findOrFail($place->id)->delete();

            return $place;
        });
    }
}
