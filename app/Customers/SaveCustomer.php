<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Database\Slug;
use App\Models\Customers\Customer;
use App\Models\Customers\CustomerContact;
use App\Models\House\House;
use App\Refusals\CustomerMovedOn;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Node;

/** Makes customers and changes what the house keeps of them; their open tasks see it, and rules answer it. */
final readonly class SaveCustomer
{
    public function __construct(private Houses $houses, private ChangeCustomer $change) {}

    /**
     * @param Customer|null $customer null: a new one
     * @param Node          $document as CustomerReader has it
     * @param int|null      $seen     the revision that whoever changes it looked at; null: whatever it is now
     *
     * @throws DocumentError   with all that is wrong with it; nothing is changed
     * @throws CustomerMovedOn where somebody else has changed it since
     */
    public function __invoke(?Customer $customer, Node $document, Actor $by, ?int $seen = null): Customer
    {
        return DB::transaction(function () use ($customer, $document, $by, $seen): Customer {
            $locked = $this->houses->lock();
            if ($customer !== null) {
                $customer = Customer::query()->lockForUpdate()->findOrFail($customer->id);
                $seen === null || $seen === $customer->revision || throw CustomerMovedOn::since($customer);
            } else {
                // What has no name says so by its place.
                $document->get('name');
            }
            $terms = (new CustomerReader($locked->house->snapshot))->read($document);

            return $this->within($locked, $customer, $terms, $by);
        }, attempts: 3);
    }

    /**
     * Within a transaction that holds the lock of the house; nothing is recorded where nothing changes.
     *
     * @param bool $quiet it is one of many: nobody is told whom they look after now
     */
    public function within(
        LockedHouse $locked,
        ?Customer $customer,
        CustomerTerms $terms,
        Actor $by,
        bool $quiet = false,
    ): Customer {
        $new = $customer === null;
        $name = $terms->columns['name'] ?? '';
        $customer ??= new Customer(['slug' => Slug::free(is_string($name) ? $name : '', new Customer())]);
        $was = $new ? null : $this->change->subject($customer, $locked);
        $before = ['contacts' => self::contacts($customer)] + $customer->getOriginal();
        self::fill($customer, $terms);
        $contacts = $terms->contacts ?? $before['contacts'];
        $talks = $contacts !== $before['contacts'];
        if (!$new && !$customer->isDirty() && !$talks) {
            return $customer;
        }
        $changed = array_keys($customer->getDirty());
        if ($new) {
            $customer->save();
            House::query()->increment('customer_revision');
        } elseif ($changed === []) {
            ++$customer->revision;
        }
        if ($talks) {
            self::write($customer, $contacts);
        }
        ($this->change)($was, $customer, $locked, $by, quiet: $quiet);
        Audit::record(
            $by,
            'customers',
            $new ? 'made' : 'changed',
            ($new ? 'made' : 'changed') . " the customer {$customer->name}",
            $customer,
            [
                'old' => $new ? [] : array_intersect_key($before, array_flip([...$changed, 'contacts'])),
                'now' => $customer->only($changed) + ($talks ? ['contacts' => $contacts] : []),
            ],
        );

        return $customer->refresh();
    }

    /** @return list<array{name: string|null, role: string|null, email: string|null, phone: string|null}> */
    public static function contacts(Customer $customer): array
    {
        return $customer->exists
            ? array_values(
                $customer
                    ->loadMissing('contacts')
                    ->contacts->map(
                        static fn(CustomerContact $one): array => [
                            'name' => $one->name,
                            'role' => $one->role,
                            'email' => $one->email,
                            'phone' => $one->phone,
                        ],
                    )
                    ->all(),
            )
            : [];
    }

    /** @param list<array{name: string|null, role: string|null, email: string|null, phone: string|null}> $contacts */
    private static function write(Customer $customer, array $contacts): void
    {
        $customer->contacts()->delete();
        foreach ($contacts as $position => $contact) {
            $customer->contacts()->create($contact + ['position' => $position]);
        }
        $customer->unsetRelation('contacts');
    }

    /**
     * Whether a customer would be otherwise; nothing is saved.
     *
     * @throws DocumentError where it can't be so
     */
    public static function changes(Customer $customer, CustomerTerms $terms): bool
    {
        $then = clone $customer;
        self::fill($then, $terms);

        return $then->isDirty() || ($terms->contacts !== null && $terms->contacts !== self::contacts($customer));
    }

    private static function fill(Customer $customer, CustomerTerms $terms): void
    {
        $customer->fill($terms->columns);
        if ($terms->retiredPlace !== null && $customer->isDirty('place_id')) {
            throw DocumentError::at(
                '/place',
                'The place "{given}" is retired; take it up again first.',
                given: $terms->retiredPlace,
            );
        }
        $customer->facts = array_filter(
            $terms->facts + (array) $customer->facts,
            static fn(mixed $value): bool => $value !== null,
        );
    }
}
