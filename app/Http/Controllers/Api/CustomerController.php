<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Customers\SaveCustomer;
use App\Http\Requests\Whole;
use App\Http\Viewer;
use App\Models\Customers\Customer;
use App\Models\House\House;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Subject\CustomerFields;

/** Customers for other systems; docs/formats/openapi.yaml describes it. */
final class CustomerController
{
    private const PAGE = 100;

    /** By their names, or all, a page at a time. */
    public function index(Request $request): JsonResponse
    {
        return $this->ask(static function () use ($request): JsonResponse {
            $request->validate(['q' => ['nullable', 'string', 'max:200'], 'page' => ['nullable', new Whole(1)]]);
            $found = self::customers()->offered()->named(trim($request->string('q')->toString()))->paginate(self::PAGE);

            return new JsonResponse([
                'customers' => array_map(self::document(...), $found->items()),
                'total' => $found->total(),
                'pages' => $found->lastPage(),
            ]);
        });
    }

    /** A record that went into another one is answered with where that is. */
    public function show(string $code, Request $request): JsonResponse
    {
        return $this->ask(
            static fn(): JsonResponse => new JsonResponse(
                self::document(self::customers()->where('slug', $code)->firstOrFail()),
            ),
        );
    }

    public function store(Request $request, Viewer $viewer, SaveCustomer $save): JsonResponse
    {
        return $this->ask(static function () use ($request, $viewer, $save): JsonResponse {
            $customer = $save(null, Node::parse((string) $request->getContent()), $viewer->actor());

            return new JsonResponse(self::document(self::customers()->findOrFail($customer->id)), 201, [
                'Location' => "{$request->url()}/{$customer->slug}",
            ]);
        });
    }

    public function update(string $code, Request $request, Viewer $viewer, SaveCustomer $save): JsonResponse
    {
        return $this->ask(static function () use ($code, $request, $viewer, $save): JsonResponse {
            $customer = Customer::query()->with('mergedInto')->where('slug', $code)->firstOrFail();
            $saved = $save(
                $customer->mergedInto ?? $customer,
                Node::parse((string) $request->getContent()),
                $viewer->actor(),
            );

            return new JsonResponse(self::document(self::customers()->findOrFail($saved->id)));
        });
    }

    /** @param callable(): JsonResponse $answer */
    private function ask(callable $answer): JsonResponse
    {
        Gate::authorize('keepCustomers', House::class);

        return $answer();
    }

    /** @return Builder<Customer> with all that is told of them */
    private static function customers(): Builder
    {
        return Customer::query()->with(['contacts', 'place', 'owner', 'mergedInto']);
    }

    /** @return array<string, mixed> */
    private static function document(Customer $customer): array
    {
        return [
            'id' => $customer->slug,
            'name' => $customer->name,
            'tier' => $customer->tier,
            'place' => $customer->place?->slug,
            'on_form' => $customer->on_form,
            'tags' => $customer->tagList(),
            'contacts' => array_map(array_filter(...), SaveCustomer::contacts($customer)),
            'set' =>
                (object) (array_filter([CustomerFields::OWNER => $customer->owner?->slug]) + (array) $customer->facts),
            'retired' => $customer->retired_at !== null,
            'merged_into' => $customer->mergedInto?->slug,
        ];
    }
}
