<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Bridge\HouseState;
use App\Database\Slug;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\People\Place;
use App\Models\People\PlaceTree;
use App\Refusals\PlaceInUse;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/**
 * Adds, changes and takes away places of the tree. Who answers for a place answers for all below that has nobody of its
 * own.
 */
final class SavePlace
{
    /**
     * @param Place|null $place    null: a new one
     * @param Node       $document as PlaceReader has it
     *
     * @throws DocumentError with all that is wrong with it; nothing is changed
     */
    public function __invoke(?Place $place, Node $document, Actor $by, PlaceReader $reader = new PlaceReader()): Place
    {
        return DB::transaction(static function () use ($place, $document, $by, $reader): Place {
            HouseState::lock();
            // Somebody else may have taken it away a moment ago.
            $place = $place === null ? null : Place::query()->findOrFail($place->id);
            $terms = $reader->read($document, $place);
            $name = $terms->columns['name'] ?? (string) $place?->name;

            return ChangeHouse::run(
                'place_saved',
                "saved the place {$name}",
                $by,
                static function () use ($place, $terms, $name): Place {
                    $place ??= new Place(['slug' => Slug::free($name, new Place())]);
                    $place->fill($terms->columns)->save();

                    return $place;
                },
                static fn(): ?Place => $place === null || $terms->change($place) ? null : $place,
            );
        }, attempts: 3);
    }

    /**
     * Retires a place and all in it: no longer offered, while customers and people in it stay, and rules hold. Or takes
     * it up again, with what it lies in, and with what was retired together with it.
     */
    public function retire(Place $place, bool $retired, Actor $by): Place
    {
        return ChangeHouse::run(
            $retired ? 'place_retired' : 'place_taken_up',
            ($retired ? 'retired' : 'took up') . " the place {$place->name}",
            $by,
            static function () use ($place, $retired): Place {
                $place = Place::query()->findOrFail($place->id);
                $was = $place->retired_at;
                $now = $retired ? CarbonImmutable::now() : null;
                foreach (PlaceTree::downFrom($place) as $layer) {
                    $ids = $layer
                        ->filter(
                            static fn(Place $one): bool => $one->retired_at?->getTimestamp() === $was?->getTimestamp(),
                        )
                        ->modelKeys();
                    Place::query()
                        ->whereKey($ids)
                        ->update(['retired_at' => $now]);
                }
                if (!$retired) {
                    Place::query()
                        ->whereKey(array_keys(PlaceTree::upFrom([$place->id])))
                        ->where('id', '!=', $place->id)
                        ->update(['retired_at' => null]);
                }
                $place->update(['retired_at' => $now]);

                return $place;
            },
            static function () use ($place, $retired): ?Place {
                $place = Place::query()->findOrFail($place->id);

                return ($place->retired_at !== null) === $retired ? $place : null;
            },
        );
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
