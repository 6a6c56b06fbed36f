<?php

declare(strict_types=1);

namespace App\Http\Controllers\Customers;

use App\Bridge\TaskSubjects;
use App\Customers\MergeCustomers;
use App\Customers\RetireCustomer;
use App\Customers\SaveCustomer;
use App\Http\Invalid;
use App\Http\Pages\Customers\CustomerPast;
use App\Http\Pages\Customers\CustomersPage;
use App\Http\Pages\Tasks\MissedLine;
use App\Http\Pages\Tasks\TaskHistory;
use App\Http\Viewer;
use App\Models\Customers\Customer;
use App\Models\Customers\CustomerMerge;
use App\Models\House\House;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use OpenBaton\Core\Document\Node;

/** The customers: made, changed, put together and retired by leads. */
final class CustomerController
{
    /** What of them may have missed a moment is looked at for so many tasks. */
    private const TASKS = 50;

    public function index(Request $request, CustomersPage $page): Response
    {
        Gate::authorize('keepCustomers', House::class);

        return Inertia::render('Customers/Customers', $page->props($request));
    }

    public function store(Request $request, Viewer $viewer, SaveCustomer $save): JsonResponse
    {
        Gate::authorize('keepCustomers', House::class);
        $customer = $save(null, Node::parse((string) $request->getContent()), $viewer->actor());

        return new JsonResponse(['slug' => $customer->slug], 201);
    }

    public function update(
        Customer $customer,
        Request $request,
        Viewer $viewer,
        SaveCustomer $save,
        MissedLine $missed,
    ): JsonResponse {
        Gate::authorize('keepCustomers', House::class);
        $body = Node::parse((string) $request->getContent());
        $body->only(['seen', 'document']);
        $save($customer, $body->get('document'), $viewer->actor(), $body->find('seen')?->int());

        $tasks = Task::query()
            ->with(TaskSubjects::RELATIONS)
            ->where('customer_id', $customer->id)
            ->open()
            ->orderBy('id')
            ->limit(self::TASKS)
            ->get();

        return new JsonResponse(['saved' => true, 'missed' => $missed->of($tasks)]);
    }

    public function retire(Customer $customer, Request $request, Viewer $viewer, RetireCustomer $retire): JsonResponse
    {
        Gate::authorize('keepCustomers', House::class);
        $request->validate(['retired' => ['required', 'boolean']]);
        $retire($customer, $request->boolean('retired'), $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    /** This record goes into another one. */
    public function merge(Customer $customer, Request $request, Viewer $viewer, MergeCustomers $merge): JsonResponse
    {
        Gate::authorize('keepCustomers', House::class);
        $request->validate(['into' => ['required', 'string', 'exists:customers,slug']]);
        $kept = Customer::query()
            ->where('slug', $request->string('into')->toString())
            ->firstOrFail();
        if ($kept->is($customer)) {
            throw Invalid::at('into', 'Choose another customer than this one.');
        }

        return new JsonResponse(['merge' => $merge($kept, $customer, $viewer->actor())->id, 'slug' => $kept->slug]);
    }

    public function part(CustomerMerge $merge, Viewer $viewer, MergeCustomers $merges): JsonResponse
    {
        Gate::authorize('keepCustomers', House::class);

        return new JsonResponse(['slug' => $merges->undo($merge, $viewer->actor())->slug]);
    }

    /** What happened to it before a moment, a page of it. */
    public function history(Request $request, Customer $customer, TaskHistory $history): JsonResponse
    {
        Gate::authorize('keepCustomers', House::class);
        $request->validate(['before' => ['required', 'string', 'date_format:Y-m-d\TH:i:s\Z']]);

        return new JsonResponse(
            $history->page($customer, CarbonImmutable::parse($request->string('before')->toString())),
        );
    }

    /** The reason trail of one of its decisions. */
    public function decision(Customer $customer, Decision $decision, CustomerPast $past): JsonResponse
    {
        Gate::authorize('keepCustomers', House::class);
        abort_unless($decision->customer_id === $customer->id, 404);

        return new JsonResponse($past->trail($decision));
    }
}
