<?php

declare(strict_types=1);

namespace App\Http\Pages\Customers;

use App\Cases\ListedCases;
use App\Customers\CustomerReader;
use App\Customers\SaveCustomer;
use App\Fields\Choices;
use App\Http\Pages\Cases\CaseLine;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Customers\CustomerMerge;
use App\Models\House\House;
use App\Models\Tasks\Task;
use Illuminate\Http\Request;
use OpenBaton\Core\Subject\CustomerFields;

/** The customers by pages, and one of them with all that the house keeps of it. Its type is CustomersPage.ts. */
final readonly class CustomersPage
{
    private const PAGE = 50;
    private const TASKS = 50;
    private const CASES = 20;
    private const MERGES = 20;

    public function __construct(private Viewer $viewer, private ListedCases $cases, private CustomerPast $past) {}

    /** @return array<string, mixed> */
    public function props(Request $request): array
    {
        $asked = trim($request->string('q')->limit(100, '')->toString());
        $retired = $request->boolean('retired');
        $customers = Customer::query();
        $found = ($retired ? $customers->whereNotNull('retired_at') : $customers->offered())
            ->with(['owner', 'place.parent', 'mergedInto'])
            ->named($asked)
            ->paginate(self::PAGE)
            ->withQueryString();
        $chosen = Customer::query()
            ->with(['owner', 'place.parent', 'mergedInto'])
            ->where('slug', $request->string('customer')->toString())
            ->first();
        $tiers = House::query()->firstOrFail()->tiers();

        return [
            'asked' => $asked,
            'retired' => $retired,
            'customers' => array_map($this->line(...), $found->items()),
            'total' => $found->total(),
            'page' => $found->currentPage(),
            'pages' => $found->lastPage(),
            'tiers' => Choices::of($tiers),
            'fields' => $this->fields(),
            'people' => Choices::people($this->viewer->snapshot()->roster),
            'customer' => $chosen === null ? null : $this->whole($chosen),
        ];
    }

    /** @return array<string, mixed> */
    private function line(Customer $customer): array
    {
        return [
            'id' => $customer->id,
            'slug' => $customer->slug,
            'name' => $customer->name,
            'tier' => $customer->tier === null ? null : $this->viewer->words()->value('customer.tier', $customer->tier),
            'place' => self::place($customer),
            'owner' => PersonRef::orNull($customer->owner),
            'retired' => $customer->retired_at !== null,
            'mergedInto' =>
                $customer->mergedInto === null
                    ? null
                    : ['value' => $customer->mergedInto->slug, 'label' => $customer->mergedInto->name],
        ];
    }

    /** @return array<string, mixed> */
    private function whole(Customer $customer): array
    {
        return $this->line($customer) +
            $this->past->of($customer) + [
                'revision' => $customer->revision,
                'tierCode' => $customer->tier,
                'at' =>
                    $customer->place === null
                        ? null
                        : ['value' => $customer->place->slug, 'label' => $customer->place->name],
                'contacts' => SaveCustomer::contacts($customer),
                'onForm' => $customer->on_form,
                'tags' => $customer->tagList(),
                'values' =>
                    (object) (array_filter([CustomerFields::OWNER => $customer->owner?->slug]) +
                        (array) $customer->facts),
                'merges' => $this->merges($customer),
                'cases' => $this->cases($customer),
                'tasks' => array_values(
                    Task::query()
                        ->with(['kind', 'customer'])
                        ->where('customer_id', $customer->id)
                        ->open()
                        ->dueFirst()
                        ->limit(self::TASKS)
                        ->get()
                        ->map(TaskLine::of(...))
                        ->all(),
                ),
            ];
    }

    /** @return list<array<string, mixed>> those that are open first, then the latest */
    private function cases(Customer $customer): array
    {
        $late = $this->cases->lateSince();

        return array_values(
            CustomerCase::query()
                ->with(['customer', 'owner'])
                ->where('customer_id', $customer->id)
                ->orderByRaw('closed_at IS NOT NULL')
                ->orderByDesc('number')
                ->limit(self::CASES)
                ->get()
                ->map(fn(CustomerCase $one): array => CaseLine::of($one, $this->viewer->snapshot(), $late))
                ->all(),
        );
    }

    /** @return list<array{id: string, name: string, at: string}> the records that went into it */
    private function merges(Customer $customer): array
    {
        return array_values(
            CustomerMerge::query()
                ->with('gone')
                ->where('kept_id', $customer->id)
                ->whereNull('undone_at')
                ->latest('at')
                ->limit(self::MERGES)
                ->get()
                ->map(
                    static fn(CustomerMerge $one): array => [
                        'id' => $one->id,
                        'name' => (string) $one->gone?->name,
                        'at' => $one->at->toIso8601ZuluString(),
                    ],
                )
                ->all(),
        );
    }

    /** @return list<array<string, mixed>> */
    private function fields(): array
    {
        return Choices::entries(CustomerReader::fields($this->viewer->snapshot()));
    }

    /** Where they are; of those that are a place of their own, what it lies in. */
    private static function place(Customer $customer): ?string
    {
        $place = $customer->place;

        return $place?->name === $customer->name ? $place->parent?->name : $place?->name;
    }
}
