<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Customers\Customer;

/** A customer is otherwise than whoever wants to change it saw. */
final class CustomerMovedOn extends Refused
{
    public static function since(Customer $customer): self
    {
        return new self('moved_on.customer', ['customer' => (string) $customer->name]);
    }

    /** It went into another record, or is retired. */
    public static function gone(Customer $customer): self
    {
        return new self('moved_on.customer_gone', ['customer' => (string) $customer->name]);
    }
}
