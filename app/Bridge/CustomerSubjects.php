<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Fields\FieldProviders;
use App\Fields\KnownCustomer;
use App\Models\Customers\Customer;
use App\Models\Tasks\TaskSource;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\CustomerSubject;

/** Customers of the tables as subjects of the core. */
final readonly class CustomerSubjects
{
    /** What a customer has to come with. */
    public const RELATIONS = ['owner'];

    public function __construct(private FieldProviders $fields) {}

    public function find(string $id, HouseAt $house): ?CustomerSubject
    {
        $customer = Customer::query()->with(self::RELATIONS)->find($id);

        return $customer === null ? null : $this->of($customer, $house);
    }

    /** @param Customer $customer with RELATIONS; what is filled in and not saved counts */
    public function of(Customer $customer, HouseAt $house): CustomerSubject
    {
        return $this->known(CustomerSource::of($customer), $house)->with([
            'retired' => $customer->retired_at !== null,
        ]);
    }

    private function known(KnownCustomer $customer, HouseAt $house): CustomerSubject
    {
        $values = $this->fields->ofCustomer($customer, TaskSource::ByHand, $house->snapshot->fieldContext());

        return new CustomerSubject(
            $customer->id,
            $customer->addedAt,
            $customer->owner,
            $customer->tags,
            array_diff_key(
                array_filter($values, static fn(mixed $value): bool => $value !== null),
                CustomerFields::TYPES,
            ),
        );
    }
}
