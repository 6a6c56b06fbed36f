<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\KnownCustomer;
use App\Models\Customers\Customer;
use App\Models\People\Place;
use App\Models\People\PlaceTree;
use Illuminate\Contracts\Cache\Repository as Cache;

/**
 * Gives customers by name, one by one or some at once: there may be very many, and they are
 * not in the snapshot. Those asked for are kept in the cache by the revision of
 * the roster, which grows with every change of a place too, and by that of the
 * customers.
 */
final readonly class CustomerSource
{
    /** What is kept of a name that nobody has. */
    private const NOBODY = '';

    private const LONG = 3600;
    private const SHORT = 60;

    public function __construct(private Cache $cache) {}

    /** @return KnownCustomer|null of a record that went into another one: that one */
    public function named(string $slug, HouseAt $house): ?KnownCustomer
    {
        $key = self::key($slug, $house);
        $known = $this->cache->get($key) ?? $this->keep([$slug => $key])[$slug];

        return $known instanceof KnownCustomer ? $known : null;
    }

    /**
     * Those that are soon asked for, fetched at once.
     *
     * @param list<string> $slugs
     */
    public function prepare(array $slugs, HouseAt $house): void
    {
        $keys = array_combine($slugs, array_map(static fn(string $slug): string => self::key($slug, $house), $slugs));
        $kept = $this->cache->many(array_values($keys));
        $this->keep(array_filter($keys, static fn(string $key): bool => ($kept[$key] ?? null) === null));
    }

    /**
     * @param array<array-key, string> $keys by slug
     *
     * @return array<array-key, KnownCustomer|string> by slug; NOBODY: there is none
     */
    private function keep(array $keys): array
    {
        $fetched = $keys === [] ? [] : self::fetch(array_map(strval(...), array_keys($keys)));
        foreach ($fetched as $slug => $known) {
            $this->cache->put($keys[$slug], $known, $known === self::NOBODY ? self::SHORT : self::LONG);
        }

        return $fetched;
    }

    public static function of(Customer $customer): KnownCustomer
    {
        return self::at($customer, PlaceTree::upFrom($customer->place_id === null ? [] : [$customer->place_id]));
    }

    private static function key(string $slug, HouseAt $house): string
    {
        return Snapshot::SHAPE . ":customer:{$house->snapshot->name()}:{$house->state->customerRevision}:{$slug}";
    }

    /**
     * @param list<string> $slugs
     *
     * @return array<array-key, KnownCustomer|string> by slug; NOBODY: there is none
     */
    private static function fetch(array $slugs): array
    {
        $found = Customer::query()
            ->with(['owner', 'mergedInto.owner'])
            ->whereIn('slug', $slugs)
            ->get();
        $customers = [];
        foreach ($found as $one) {
            $customers[(string) $one->slug] = $one->mergedInto ?? $one;
        }
        $placeIds = array_values(array_unique(array_filter(array_column($customers, 'place_id'), is_string(...))));
        $places = PlaceTree::upFrom($placeIds);

        return array_map(static fn(Customer $one): KnownCustomer => self::at($one, $places), $customers) +
            array_fill_keys($slugs, self::NOBODY);
    }

    /** As it is filled in, where that is not saved yet. */
    private static function owner(Customer $customer): ?string
    {
        if ($customer->relationLoaded('owner') && $customer->owner?->id !== $customer->owner_id) {
            $customer->unsetRelation('owner');
        }

        return $customer->loadMissing('owner')->owner?->slug;
    }

    /** @param array<string, Place> $places that the customer is in, by key */
    private static function at(Customer $customer, array $places): KnownCustomer
    {
        $at = [];
        $responsible = $deputy = null;
        for ($id = $customer->place_id; $id !== null; $id = $place->parent_id) {
            $place = $places[$id];
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
            self::owner($customer),
            $customer->facts ?? [],
            $customer->tagList(),
            $customer->created_at?->getTimestamp() ?? 0,
        );
    }
}
