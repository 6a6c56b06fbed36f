<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\Houses;
use App\Models\Customers\Customer;
use App\Refusals\CustomerMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Retires a customer: no longer offered for new tasks, while open ones go on; or takes it up again. */
final readonly class RetireCustomer
{
    public function __construct(private Houses $houses, private ChangeCustomer $change) {}

    /** @throws CustomerMovedOn where it has gone into another record, which can be undone there */
    public function __invoke(Customer $customer, bool $retired, Actor $by): Customer
    {
        return DB::transaction(function () use ($customer, $retired, $by): Customer {
            $locked = $this->houses->lock();
            $customer = Customer::query()->lockForUpdate()->findOrFail($customer->id);
            $customer->merged_into_id === null || throw CustomerMovedOn::gone($customer);
            if (($customer->retired_at !== null) !== $retired) {
                $was = $this->change->subject($customer, $locked);
                $customer->retired_at = $retired ? CarbonImmutable::now() : null;
                ($this->change)($was, $customer, $locked, $by);
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
