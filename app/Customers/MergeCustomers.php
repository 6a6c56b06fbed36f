<?php

declare(strict_types=1);

namespace App\Customers;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\CustomerSource;
use App\Bridge\Houses;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Customers\CustomerMerge;
use App\Models\Tasks\Task;
use App\Refusals\CustomerMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * Makes one record of two of the same customer: tasks and contacts of the one
 * go to the other, which keeps what it has and takes what it lacks. Open tasks
 * see their customer change, and rules answer it. All of it can be undone.
 */
final readonly class MergeCustomers
{
    private const COLUMNS = ['tier', 'place_id', 'owner_id'];

    public function __construct(private Houses $houses, private ChangeCustomer $change) {}

    /** @throws CustomerMovedOn where one of them has gone into another record already */
    public function __invoke(Customer $kept, Customer $gone, Actor $by): CustomerMerge
    {
        return DB::transaction(function () use ($kept, $gone, $by): CustomerMerge {
            $locked = $this->houses->lock();
            [$kept, $gone] = self::both($kept, $gone);
            foreach ([$kept, $gone] as $one) {
                $one->merged_into_id === null || throw CustomerMovedOn::gone($one);
            }
            [$wasKept, $wasGone] = [$this->change->subject($kept, $locked), $this->change->subject($gone, $locked)];
            $as = CustomerSource::of($gone);
            $merge = CustomerMerge::query()->create([
                'kept_id' => $kept->id,
                'gone_id' => $gone->id,
                'taken' => $this->take($kept, $gone),
                'at' => CarbonImmutable::now(),
            ]);
            $theirs = Task::query()->where('customer_id', $gone->id);
            $theirs->clone()->update(['customer_merge_id' => $merge->id]);
            $moved = $this->change->moved($theirs->clone(), $as, CustomerSource::of($kept), $locked);
            ($this->change)($wasKept, $kept, $locked, $by, ...$moved);
            $gone->fill(['merged_into_id' => $kept->id, 'retired_at' => $gone->retired_at ?? CarbonImmutable::now()]);
            ($this->change)($wasGone, $gone, $locked, $by);
            // What is done with, and what no value of the two differs in.
            $theirs->update(['customer_id' => $kept->id]);
            CustomerCase::query()
                ->where('customer_id', $gone->id)
                ->update(['customer_merge_id' => $merge->id, 'customer_id' => $kept->id]);
            Audit::record($by, 'customers', 'merged', "put the customer {$gone->name} into {$kept->name}", $kept, [
                'gone' => $gone->slug,
            ]);

            return $merge;
        }, attempts: 3);
    }

    /** Parts them again; tasks that came to the kept one otherwise, or went from it since, stay where they are. */
    public function undo(CustomerMerge $merge, Actor $by): Customer
    {
        return DB::transaction(function () use ($merge, $by): Customer {
            $locked = $this->houses->lock();
            $merge = CustomerMerge::query()->lockForUpdate()->findOrFail($merge->id);
            [$kept, $gone] = self::both($merge->kept()->firstOrFail(), $merge->gone()->firstOrFail());
            if ($merge->undone_at !== null || $gone->merged_into_id !== $kept->id) {
                return $gone;
            }
            [$wasKept, $wasGone] = [$this->change->subject($kept, $locked), $this->change->subject($gone, $locked)];
            $as = CustomerSource::of($kept);
            $this->giveBack($kept, $gone, (array) $merge->taken);
            $merge->update(['undone_at' => CarbonImmutable::now()]);
            $theirs = Task::query()->where('customer_merge_id', $merge->id)->where('customer_id', $kept->id);
            $gone->fill(['merged_into_id' => null, 'retired_at' => null]);
            $moved = $this->change->moved($theirs->clone(), $as, CustomerSource::of($gone), $locked);
            ($this->change)($wasGone, $gone, $locked, $by, ...$moved);
            $theirs->update(['customer_id' => $gone->id, 'customer_merge_id' => null]);
            CustomerCase::query()
                ->where('customer_merge_id', $merge->id)
                ->where('customer_id', $kept->id)
                ->update(['customer_id' => $gone->id, 'customer_merge_id' => null]);
            ($this->change)($wasKept, $kept, $locked, $by);
            Audit::record(
                $by,
                'customers',
                'parted',
                "parted the customer {$gone->name} from {$kept->name} again",
                $gone,
                ['kept' => $kept->slug],
            );

            return $gone;
        }, attempts: 3);
    }

    /** @return array{Customer, Customer} locked, in the order of their ids: two at once do not wait in a circle */
    private static function both(Customer $kept, Customer $gone): array
    {
        $rows = Customer::query()
            ->whereKey([$kept->id, $gone->id])
            ->orderBy('id')
            ->lockForUpdate()
            ->get()
            ->keyBy('id');

        return [$rows->get($kept->id) ?? $kept, $rows->get($gone->id) ?? $gone];
    }

    /** @return array{columns: list<string>, facts: list<string>, contacts: list<string>} what the kept one takes */
    private function take(Customer $kept, Customer $gone): array
    {
        $columns = array_values(
            array_filter(
                self::COLUMNS,
                static fn(string $one): bool => $kept->getAttribute($one) === null &&
                    $gone->getAttribute($one) !== null,
            ),
        );
        $facts = array_diff_key((array) $gone->facts, (array) $kept->facts);
        $contacts = $gone->contacts()->get();
        $position = $kept->contacts()->count();
        foreach ($contacts as $contact) {
            $contact->update(['customer_id' => $kept->id, 'position' => $position++]);
        }
        $kept->fill($gone->only($columns));
        $kept->facts = (array) $kept->facts + $facts;
        $kept->on_form = $kept->on_form || $gone->on_form;

        return [
            'columns' => $columns,
            'facts' => array_map(strval(...), array_keys($facts)),
            'contacts' => array_values($contacts->map(static fn($one): string => (string) $one->id)->all()),
        ];
    }

    /** @param array<mixed> $taken */
    private function giveBack(Customer $kept, Customer $gone, array $taken): void
    {
        // What somebody has changed on it since is theirs.
        foreach ((array) ($taken['columns'] ?? []) as $column) {
            if (is_string($column) && $kept->getAttribute($column) === $gone->getAttribute($column)) {
                $kept->setAttribute($column, null);
            }
        }
        $facts = (array) $kept->facts;
        foreach ((array) ($taken['facts'] ?? []) as $path) {
            if (is_string($path) && ($facts[$path] ?? null) === ((array) $gone->facts)[$path]) {
                unset($facts[$path]);
            }
        }
        $kept->facts = $facts;
        $kept
            ->contacts()
            ->whereKey((array) ($taken['contacts'] ?? []))
            ->update(['customer_id' => $gone->id]);
    }
}
