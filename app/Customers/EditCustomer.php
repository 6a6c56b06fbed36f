<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\LockedHouse;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\Faults;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Effect\OwnerGiven;

/**
 * Changes who looks after a customer, and the fields that the house has added to customers; their open tasks see it,
 * and rules answer it.
 */
final readonly class EditCustomer
{
    public function __construct(private Houses $houses, private TaskSubjects $subjects, private ChangeRunner $runner) {}

    /**
     * @param Node      $set    values by path; null empties
     * @param bool|null $onForm whether the web form offers them; null: as it is
     *
     * @throws DocumentError with all that is wrong with it; nothing is changed
     */
    public function __invoke(Customer $customer, Node $set, Actor $by, ?bool $onForm = null): Customer
    {
        return DB::transaction(function () use ($customer, $set, $onForm, $by): Customer {
            $locked = $this->houses->lock();
            $house = $locked->house->snapshot;
            $customer = Customer::query()->lockForUpdate()->findOrFail($customer->id);
            $faults = new Faults();
            $values = [];
            $facts = (array) $customer->facts;
            foreach ($set->members() as [$path, $node]) {
                $faults->collect(static function () use ($path, $node, $house, $customer, &$values, &$facts): void {
                    $field = $house->catalogue->find($path);
                    if ($field === null || !self::isOfCustomers($path, $house->customFields)) {
                        throw $node->fail(
                            'There is no field "{path}" of customers that is changed by hand.',
                            path: $path,
                        );
                    }
                    $empty = ValueCodec::isBlank($node);
                    $values[$path] = $empty ? null : ValueCodec::read($node, $field, $house->roster);
                    if ($path === OwnerGiven::FIELD) {
                        $customer->owner_id = is_string($values[$path]) ? $house->personIds[$values[$path]] : null;

                        return;
                    }
                    unset($facts[$path]);
                    $facts += $empty ? [] : [$path => $node->value];
                });
            }
            $faults->throwIfAny();
            $customer->facts = $facts;
            $customer->on_form = $onForm ?? $customer->on_form;
            if (!$customer->isDirty()) {
                return $customer;
            }
            $changed = $customer->getDirty();
            $customer->save();
            House::query()->increment('customer_revision');
            Audit::record($by, 'customers', 'changed', "changed the customer {$customer->name}", $customer, $changed);
            $this->carryOut($customer, $values, $locked, $by);

            return $customer;
        }, attempts: 3);
    }

    /** @param list<string> $own paths of the fields that the house has added */
    public static function isOfCustomers(string $path, array $own): bool
    {
        return $path === OwnerGiven::FIELD || (str_starts_with($path, 'customer.') && in_array($path, $own, true));
    }

    /** @param array<string, string|int|float|bool|list<string>|null> $values by path; null: empty */
    private function carryOut(Customer $customer, array $values, LockedHouse $locked, Actor $by): void
    {
        $router = $locked->house->router();
        $at = CarbonImmutable::now()->getTimestamp();
        $changes = $rows = [];
        foreach (
            Task::query()
                ->with(TaskSubjects::RELATIONS)
                ->where('customer_id', $customer->id)
                ->open()
                ->orderBy('id')
                ->lockForUpdate()
                ->get()
            as $task
        ) {
            $before = $after = $this->subjects->of($task, $locked->house);
            foreach ($values as $path => $value) {
                $after = $after->withField($path, $value);
            }
            $after = $router->settled($after);
            if (!$after->equals($before)) {
                $changes[] = new ChangeSet(
                    "customer-{$task->id}-{$task->revision}",
                    $at,
                    $before,
                    $after,
                    $router->facts->of($before, $after, $at),
                    Cause::Person,
                );
                $rows[$task->id] = $task;
            }
        }
        if ($changes !== []) {
            $this->runner->run(
                $locked,
                new Occasion($at, Cause::Person, 'customer_edited', $by->user?->id, $by->system),
                $changes,
                $rows,
            );
        }
    }
}
