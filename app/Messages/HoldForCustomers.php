<?php

declare(strict_types=1);

namespace App\Messages;

use App\Access\Actor;
use App\House\ChangeHouse;
use App\Models\House\House;

/** Whether all that goes to customers is held for a look before it goes, whatever a rule says. */
final readonly class HoldForCustomers
{
    public static function all(): bool
    {
        return House::query()->value('holds_for_customers') === true;
    }

    public function __invoke(bool $holds, Actor $by): House
    {
        return ChangeHouse::set('messages_held', 'said whether messages to customers are looked at', $by, [
            'holds_for_customers' => $holds,
        ]);
    }
}
