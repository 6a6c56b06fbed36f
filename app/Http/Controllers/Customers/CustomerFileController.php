<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Customers\CustomerCard;
use App\Customers\CustomersTable;
use App\Customers\SaveCustomer;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Tables\TableWriter;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\LazyCollection;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The customers as a table or as cards, as they come in as well. */
final class CustomerFileController
{
    private const PIECE = 500;

    public function __invoke(Request $request, CustomersTable $table): StreamedResponse
    {
        Gate::authorize('keepCustomers', House::class);

        return $request->query('form') === 'vcf' ? self::cards() : self::table($table);
    }

    /** Of each customer a card with the usual contact. */
    private static function cards(): StreamedResponse
    {
        $write = static function (): void {
            foreach (self::customers() as $customer) {
                echo CustomerCard::write((string) $customer->name, SaveCustomer::contacts($customer)[0] ?? []);
            }
        };

        return response()->streamDownload($write, 'customers.vcf', ['Content-Type' => 'text/vcard; charset=utf-8']);
    }

    private static function table(CustomersTable $table): StreamedResponse
    {
        return TableWriter::response('customers', static function (TableWriter $writer) use ($table): void {
            $columns = array_keys($table->columns());
            $writer->line($columns);
            foreach (self::customers() as $customer) {
                $usual = SaveCustomer::contacts($customer)[0] ?? [];
                $cells =
                    [
                        'id' => $customer->slug,
                        'place' => $customer->place?->slug,
                        'owner' => $customer->owner?->slug,
                        'tags' => implode('; ', $customer->tagList()),
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

    /** @return LazyCollection<int, Customer> */
    private static function customers(): LazyCollection
    {
        return Customer::query()
            ->with(['contacts', 'place', 'owner'])
            ->offered()
            ->orderBy('name')
            ->orderBy('id')
            ->lazy(self::PIECE);
    }
}
