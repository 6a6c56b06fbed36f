<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Bridge\TaskSubjects;
use App\Customers\EditCustomer;
use App\Fields\Choices;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\MissedLine;
use App\Http\Pages\Tasks\TaskLine;
use App\Http\Viewer;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\Tasks\Task;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\Effect\OwnerGiven;

/** The customers, with who looks after each and the fields that the house has added to them. */
final class CustomerController
{
    private const PAGE = 50;
    private const TASKS = 50;

    public function index(Request $request, Viewer $viewer): Response
    {
        Gate::authorize('keepCustomers', House::class);
        $asked = trim($request->string('q')->limit(100, '')->toString());
        $found = Customer::query()
            ->with(['owner', 'place.parent'])
            ->named($asked)
            ->paginate(self::PAGE)
            ->withQueryString();
        $chosen = Customer::query()
            ->with(['owner', 'place.parent'])
            ->where('slug', $request->string('customer')->toString())
            ->first();

        return Inertia::render('Customers/Customers', [
            'asked' => $asked,
            'customers' => array_map(static fn(Customer $one): array => self::line($one, $viewer), $found->items()),
            'total' => $found->total(),
            'page' => $found->currentPage(),
            'pages' => $found->lastPage(),
            'fields' => self::fields($viewer),
            'people' => Choices::people($viewer->snapshot()->roster),
            'customer' =>
                $chosen === null
                    ? null
                    : self::line($chosen, $viewer) + [
                            'contact' => $chosen->contact,
                            'onForm' => $chosen->on_form,
                            'values' =>
                                (object) (array_filter([OwnerGiven::FIELD => $chosen->owner?->slug]) +
                                    (array) $chosen->facts),
                            'tasks' => array_values(
                                Task::query()
                                    ->with(['kind', 'customer'])
                                    ->where('customer_id', $chosen->id)
                                    ->open()
                                    ->dueFirst()
                                    ->limit(self::TASKS)
                                    ->get()
                                    ->map(TaskLine::of(...))
                                    ->all(),
                            ),
                        ],
        ]);
    }

    public function update(
        Customer $customer,
        Request $request,
        Viewer $viewer,
        EditCustomer $edit,
        MissedLine $missed,
    ): JsonResponse {
        Gate::authorize('keepCustomers', House::class);
        $document = Node::parse((string) $request->getContent());
        $document->only(['set', 'on_form']);
        $edit($customer, $document->get('set'), $viewer->actor(), $document->find('on_form')?->bool());

        $tasks = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->where('customer_id', $customer->id)
            ->open()
            ->orderBy('id')
            ->limit(self::TASKS)
            ->get();

        return new JsonResponse(['saved' => true, 'missed' => $missed->of($tasks)]);
    }

    /** @return array<string, mixed> */
    private static function line(Customer $customer, Viewer $viewer): array
    {
        return [
            'id' => $customer->id,
            'slug' => $customer->slug,
            'name' => $customer->name,
            'tier' => $viewer->words()->value('customer.tier', $customer->tier),
            'place' => self::place($customer),
            'owner' => PersonRef::orNull($customer->owner),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function fields(Viewer $viewer): array
    {
        $house = $viewer->snapshot();

        return Choices::entries(
            array_filter(
                $house->catalogue->fields,
                static fn(Field $field): bool => EditCustomer::isOfCustomers($field->path, $house->customFields) &&
                    !$field->retired,
            ),
        );
    }

    /** Where they are; of those that are a place of their own, what it lies in. */
    private static function place(Customer $customer): ?string
    {
        $place = $customer->place;

        return $place?->name === $customer->name ? $place->parent?->name : $place?->name;
    }
}
