<?php

declare(strict_types=1);

namespace App\Bridge\Outside;

use App\Bridge\LockedHouse;
use App\DomainEvents\EventLog;
use App\Models\Customers\Customer;
use App\Models\House\House;
use OpenBaton\Core\Subject\Effect\OwnerGiven;
use OpenBaton\Core\Subject\Effect\ReachesOutside;
use OpenBaton\Core\Subject\Subject;

/** @implements OutsideRecorder<OwnerGiven> */
final class RecordOwner implements OutsideRecorder
{
    public static function records(): string
    {
        return OwnerGiven::class;
    }

    public function record(
        ReachesOutside $effect,
        Subject $of,
        LockedHouse $locked,
        EventLog $events,
        array $made,
    ): void {
        Customer::query()
            ->whereKey($effect->customerId)
            ->update(['owner_id' => $locked->house->snapshot->personIds[$effect->personId]]);
        House::query()->increment('customer_revision');
    }
}
