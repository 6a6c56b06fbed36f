<?php

declare(strict_types=1);

namespace App\Cases;

use App\Database\SearchWords;
use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Finds cases by their number, title or customer; the open ones first, each the latest first. */
final readonly class CaseSearch
{
    private const CUSTOMERS = 200;

    public function __construct(private CasesInSight $sight) {}

    /** @return Collection<int, CustomerCase> of those that somebody sees */
    public function find(string $text, int $most, User $by): Collection
    {
        $number = SearchWords::number($text);
        if ($number !== null) {
            return $this->sight->of($by, CustomerCase::query()->where('number', $number))->get();
        }
        $words = SearchWords::of($text);
        if ($words === null) {
            return new Collection();
        }
        $customers = Customer::query()
            ->whereFullText('name', $words, ['mode' => 'boolean'])
            ->limit(self::CUSTOMERS)
            ->pluck('id');
        // Two queries, each by its index; the database would scan all cases for one with "or".
        $found = $this->some(CustomerCase::query()->whereFullText('title', $words, ['mode' => 'boolean']), $most, $by);
        if ($customers->isNotEmpty()) {
            $found = $found->merge($this->some(CustomerCase::query()->whereIn('customer_id', $customers), $most, $by));
        }

        return $found
            ->unique('id')
            ->sortBy(static fn(CustomerCase $one): array => [$one->closed_at !== null, -$one->number])
            ->take($most)
            ->values();
    }

    /**
     * @param Builder<CustomerCase> $query
     *
     * @return Collection<int, CustomerCase>
     */
    private function some(Builder $query, int $most, User $by): Collection
    {
        $of = fn(bool $open): Collection => $this->sight
            ->of($by, $open ? $query->clone()->open() : $query->clone()->whereNotNull('closed_at'))
            ->latest('number')
            ->limit($most)
            ->get();
        $open = $of(true);

        return $open->count() < $most ? $open->merge($of(false)) : $open;
    }
}
