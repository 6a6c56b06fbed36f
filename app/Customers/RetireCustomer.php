<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Refusals\CustomerMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Retires a customer: no longer offered for new tasks, while open ones go on; or takes it up again. */
final class RetireCustomer
{
    /** @throws CustomerMovedOn where it has gone into another record, which can be undone there */
    public function __invoke(Customer $customer, bool $retired, Actor $by): Customer
    {
        return DB::transaction(static function () use ($customer, $retired, $by): Customer {
            $customer = Customer::query()->lockForUpdate()->findOrFail($customer->id);
            $customer->merged_into_id === null || throw CustomerMovedOn::gone($customer);
            if (($customer->retired_at !== null) !== $retired) {
                $customer->update([
                    'retired_at' => $retired ? CarbonImmutable::now() : null,
                    'revision' => $customer->revision + 1,
                ]);
                House::query()->increment('customer_revision');
                Audit::record(
                    $by,
                    'customers',
                    $retired ? 'retired' : 'taken_up',
                    ($retired ? 'retired' : 'took up') . " the customer {$customer->name}",
                    $customer,
                );
            }

            return $customer;
        }, attempts: 3);
    }
}
