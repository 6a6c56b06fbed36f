<?php

declare(strict_types=1);

namespace App\Http\Pages\Customers;

use App\Bridge\DecisionReader;
use App\Explain\ReasonTrail;
use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Http\Pages\Tasks\TaskHistory;
use App\Http\Viewer;
use App\Models\Customers\Customer;
use App\Models\Tasks\Decision;
use App\Models\Tasks\Handoff;

/** What has happened to a customer, and who looked after it when. */
final readonly class CustomerPast
{
    private const OWNERS = 20;

    public function __construct(
        private Viewer $viewer,
        private TaskHistory $history,
        private DecisionReader $decisions,
    ) {}

    /** @return array<string, mixed> */
    public function of(Customer $customer): array
    {
        return ['owners' => $this->owners($customer), 'history' => $this->history->page($customer)];
    }

    /** @return array<string, mixed> the reason trail of a decision */
    public function trail(Decision $decision): array
    {
        return (new ReasonTrail($this->viewer->words()))->of($this->decisions->document($decision));
    }

    /** @return list<array<string, mixed>> the latest first; before the first of them it is not known */
    private function owners(Customer $customer): array
    {
        $owners = [];
        $until = null;
        $handoffs = Handoff::query()
            ->with(['to', 'from'])
            ->where('customer_id', $customer->id)
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->limit(self::OWNERS)
            ->get();
        foreach ($handoffs as $handoff) {
            if ($handoff->to !== null) {
                $owners[] = [
                    'person' => PersonRef::of($handoff->to),
                    'from' => Moment::of($handoff->at),
                    'until' => $until,
                ];
            }
            $until = Moment::of($handoff->at);
        }
        $first = $handoffs->last()?->from;

        return $first === null
            ? $owners
            : [...$owners, ['person' => PersonRef::of($first), 'from' => null, 'until' => $until]];
    }
}
