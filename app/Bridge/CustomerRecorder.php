<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Customers\Customer;
use App\Models\House\House;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Document\ValueCodec;
use OpenBaton\Core\Parameter\Assignment;
use OpenBaton\Core\Subject\CustomerSubject;

/** Writes the customers that a chain touched as they are after it. */
final readonly class CustomerRecorder
{
    public function __construct(private HouseAt $house) {}

    /** @param array<array-key, Customer> $rows those that are known and locked, as far as they are to change, by id */
    public function record(ChainResult $chain, array $rows): void
    {
        $missing = array_map(strval(...), array_keys(array_diff_key($chain->customers(), $rows)));
        if ($missing !== []) {
            foreach (Customer::query()->lockForUpdate()->findMany($missing) as $row) {
                $rows[$row->id] = $row;
            }
        }
        $changed = false;
        foreach ($chain->customers() as $id => $customer) {
            $changed = $this->put($customer, $rows[$id]) || $changed;
        }
        if ($changed) {
            House::query()->increment('customer_revision');
        }
    }

    /** @return bool whether more of it has changed than when something next happens to it */
    private function put(CustomerSubject $customer, Customer $row): bool
    {
        $house = $this->house->snapshot;
        $tier = $customer->fields['customer.tier'] ?? null;
        $row->fill([
            'owner_id' => $house->idOf($customer->holderId),
            'tags' => $customer->tags,
            'facts' => $this->facts($customer, (array) $row->facts),
        ]);
        if (is_string($tier)) {
            $row->tier = $tier;
        }
        $changed = $row->isDirty();
        $row->next_moment_at = NextMoments::of(
            $this->house->timers(),
            $customer,
            $row->next_moment_at,
            $this->house->state->tickedAt,
        );
        $row->revision += $changed && !$row->wasRecentlyCreated ? 1 : 0;
        $row->save();

        return $changed;
    }

    /**
     * @param array<array-key, mixed> $known
     *
     * @return array<array-key, mixed> by path; what is as it was, or cannot be read, is kept as it was
     */
    private function facts(CustomerSubject $customer, array $known): array
    {
        $catalogue = $this->house->snapshot->catalogue;
        $read = ValueCodec::known($known, $catalogue);
        foreach ($catalogue->fields as $path => $field) {
            if ($path === 'customer.tier' || !Assignment::isSettableOfCustomer($field)) {
                continue;
            }
            $value = $customer->fields[$path] ?? null;
            if ($value !== ($read[$path] ?? null)) {
                unset($known[$path]);
                $known += $value === null ? [] : [$path => ValueCodec::write($value, $field->type)];
            }
        }

        return $known;
    }
}
