<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Customers\CustomersTable;
use App\Customers\SaveCustomer;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Tables\TableWriter;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The customers as a table, as it comes in as well. */
final class CustomerFileController
{
    private const PIECE = 500;

    public function __invoke(CustomersTable $table): StreamedResponse
    {
        Gate::authorize('keepCustomers', House::class);

        return TableWriter::response('customers', static function (TableWriter $writer) use ($table): void {
            $columns = array_keys($table->columns());
            $writer->line($columns);
            $customers = Customer::query()
                ->with(['contacts', 'place', 'owner'])
                ->offered()
                ->orderBy('name')
                ->orderBy('id');
            foreach ($customers->lazy(self::PIECE) as $customer) {
                $usual = SaveCustomer::contacts($customer)[0] ?? [];
                $cells =
                    [
                        'id' => $customer->slug,
                        'place' => $customer->place?->slug,
                        'owner' => $customer->owner?->slug,
                        'contact' => $usual['name'] ?? null,
                        'contact_role' => $usual['role'] ?? null,
                        'contact_email' => $usual['email'] ?? null,
                        'contact_phone' => $usual['phone'] ?? null,
                    ] +
                    $customer->only(['name', 'tier', 'on_form']) +
                    (array) $customer->facts;
                $writer->line(array_map(static fn(string $column): mixed => $cells[$column] ?? '', $columns));
            }
        });
    }
}
