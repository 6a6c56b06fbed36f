<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\KnownCustomer;
use App\Models\Customers\Customer;
use App\Models\People\Place;
use Illuminate\Contracts\Cache\Repository as Cache;

/**
 * Gives customers by name, one by one: there may be very many, and they are
 * not in the snapshot. Those asked for are kept in the cache by the revision of
 * the roster, which grows with every change of a place too, and by that of the
 * customers.
 */
final readonly class CustomerSource
{
    public function __construct(private Cache $cache) {}

    /** @return KnownCustomer|null of a record that went into another one: that one */
    public function named(string $slug, HouseAt $house): ?KnownCustomer
    {
        $key = Snapshot::SHAPE . ":customer:{$house->snapshot->name()}:{$house->state->customerRevision}:{$slug}";
        $known = $this->cache->get($key);
        if ($known instanceof KnownCustomer) {
            return $known;
        }
        $customer = Customer::query()
            ->with(['owner', 'mergedInto.owner'])
            ->where('slug', $slug)
            ->first();
        if ($customer === null) {
            return null;
        }
        $known = self::of($customer->mergedInto ?? $customer);
        $this->cache->put($key, $known, 3600);

        return $known;
    }

    public static function of(Customer $customer): KnownCustomer
    {
        $at = [];
        $responsible = $deputy = null;
        for ($placeId = $customer->place_id; $placeId !== null; $placeId = $place->parent_id) {
            $place = Place::query()
                ->with(['responsible', 'deputy'])
                ->findOrFail($placeId);
            $at[$place->level] ??= $place->slug;
            $responsible ??= $place->responsible?->slug;
            $deputy ??= $place->deputy?->slug;
        }

        return new KnownCustomer(
            $customer->id,
            $customer->slug,
            $customer->name,
            $customer->tier,
            $at,
            $responsible,
            $deputy,
            $customer->loadMissing('owner')->owner?->slug,
            $customer->facts ?? [],
        );
    }
}
