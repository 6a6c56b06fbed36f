<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Models\Customers\Customer;
use App\Models\House\House;
use App\Refusals\StillUsed;

/** Says which sorts of customers there are. */
final class SaveTiers
{
    /**
     * @param list<CodedLabel> $tiers
     *
     * @throws StillUsed where customers are of a sort that would go; nothing is changed
     */
    public function __invoke(array $tiers, Actor $by): House
    {
        return ChangeHouse::run('tiers_saved', 'changed the sorts of customers', $by, static function () use (
            $tiers,
        ): House {
            $house = House::query()->firstOrFail();
            $known = $house->tiers();
            $labels = CodedLabel::coded($tiers, array_keys($known));
            $gone = array_keys(array_diff_key($known, $labels));
            if ($gone !== [] && Customer::query()->whereIn('tier', $gone)->exists()) {
                throw StillUsed::tiers();
            }
            $house->update(['customer_tiers' => $labels]);

            return $house;
        });
    }
}
