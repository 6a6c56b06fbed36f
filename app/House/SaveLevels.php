<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Models\House\House;
use App\Models\People\Place;
use App\Refusals\StillUsed;

/** Says which levels the tree of places has, from the top down, and which of them has people who answer for it. */
final class SaveLevels
{
    /**
     * @param list<CodedLabel> $levels
     * @param int|null         $answering which of them; null: none
     *
     * @throws StillUsed where places are at a level that would go, or would come to lie otherwise; nothing is changed
     */
    public function __invoke(array $levels, ?int $answering, Actor $by): House
    {
        return ChangeHouse::run('levels_saved', 'changed the levels of places', $by, static function () use (
            $levels,
            $answering,
        ): House {
            $house = House::query()->firstOrFail();
            $known = $house->levels();
            $labels = CodedLabel::coded($levels, array_keys($known));
            $codes = array_keys($labels);
            $used = array_filter(Place::query()->distinct()->pluck('level')->all(), is_string(...));
            $usedBefore = array_values(array_intersect(array_keys($known), $used));
            // Levels with places stay, in their order, and nothing comes above or between them.
            if (array_slice($codes, 0, count($usedBefore)) !== $usedBefore) {
                throw StillUsed::levels();
            }
            $house->update([
                'place_levels' => $labels,
                'answering_level' => $answering === null ? null : $codes[$answering] ?? null,
            ]);

            return $house;
        });
    }
}
