<?php

declare(strict_types=1);

namespace App\Customers;

use App\Bridge\Snapshot;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\People\Place;
use App\Tables\ImportRow;
use App\Tables\Names;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Subject\CustomerFields;

/** Rows of a table of customers with all that they name, fetched at once: people say names where documents have ids. */
final class CustomersPiece
{
    /** @var array<string, list<Customer>> by id, and by name in small letters */
    private array $customers = [];

    private readonly Names $places;

    /** @var array<string, Place|null> places by id; null: there is none */
    private array $placesById = [];

    private readonly Names $people;

    /** @var array<string, string> codes of sorts by label in small letters */
    private readonly array $tiers;

    /** @param list<ImportRow> $rows */
    public function __construct(array $rows, private readonly Snapshot $house)
    {
        $customers = Customer::query()
            ->with('contacts')
            ->whereIn('slug', ImportRow::texts($rows, 'id'))
            ->orWhere(
                static fn($either) => $either
                    ->whereIn('name', ImportRow::texts($rows, 'name'))
                    ->whereNull('merged_into_id'),
            );
        foreach ($customers->get() as $customer) {
            $this->put($customer);
        }
        $this->places = new Names();
        $named = ImportRow::texts($rows, 'place');
        $this->placesById = array_fill_keys($named, null);
        $places = Place::query()->whereIn('slug', $named)->orWhereIn('name', $named);
        foreach ($places->get(['id', 'slug', 'name', 'retired_at']) as $place) {
            $this->places->add($place->slug, $place->name);
            $this->placesById[$place->slug] = $place;
        }
        $this->people = new Names();
        foreach ($house->roster->people as $person) {
            $this->people->add($person->id, $person->name);
        }
        $tiers = House::query()->firstOrFail()->tiers();
        $this->tiers = array_flip(array_map(mb_strtolower(...), $tiers));
    }

    /** Of what the rows name it asks nothing more. */
    public function reader(): CustomerReader
    {
        return new CustomerReader($this->house, $this->placesById);
    }

    /** A customer as it is by now, for the rows to come. */
    public function put(Customer $customer): void
    {
        foreach (array_unique([$customer->slug, mb_strtolower((string) $customer->name)]) as $name) {
            $others = array_filter(
                $this->customers[$name] ?? [],
                static fn(Customer $one): bool => $one->id !== $customer->id,
            );
            $this->customers[$name] = [...array_values($others), $customer];
        }
    }

    /**
     * @return Customer|null null: a new one
     *
     * @throws DocumentError where it can't be told which one is meant
     */
    public function customer(ImportRow $row): ?Customer
    {
        $id = $row->document['id'] ?? null;
        if (is_string($id)) {
            return $this->customers[$id][0] ??
                (isset($row->document['name'])
                    ? null
                    : throw DocumentError::at('/id', 'There is no customer "{given}".', given: $id));
        }
        $found = $this->customers[mb_strtolower($row->text('name'))] ?? [];

        return count($found) > 1
            ? throw DocumentError::at('/name', 'There are several customers of this name; give the id.')
            : $found[0] ?? null;
    }

    /**
     * @return array<string, mixed> as CustomerReader has it
     *
     * @throws DocumentError where a name is that of nothing, or of several
     */
    public function document(ImportRow $row, ?Customer $customer): array
    {
        $given = $row->document;
        if ($customer === null && !isset($given['name'])) {
            throw DocumentError::at('/name', 'This is needed.');
        }
        $document = array_intersect_key($given, array_flip(['name', 'on_form', 'tags', 'set']));
        if (is_string($given['tier'] ?? null)) {
            $document['tier'] = $this->tiers[mb_strtolower($given['tier'])] ?? $given['tier'];
        }
        if (is_string($given['place'] ?? null)) {
            $document['place'] = $this->places->one($given['place'], '/place');
        }
        if (is_string($given['owner'] ?? null)) {
            $owner = $this->people->one($given['owner'], '/owner');
            $document['set'] = [CustomerFields::OWNER => $owner] + (array) ($document['set'] ?? []);
        }
        if (is_array($given['contact'] ?? null)) {
            $known = $customer === null ? [] : SaveCustomer::contacts($customer);
            $usual = $given['contact'] + array_filter($known[0] ?? []);
            $document['contacts'] = [$usual, ...array_map(array_filter(...), array_slice($known, 1))];
        }

        return $document;
    }
}
