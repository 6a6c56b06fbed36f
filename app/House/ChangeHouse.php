<?php

declare(strict_types=1);

namespace App\House;

use App\Access\Actor;
use App\Access\Audit;
use App\Access\Difference;
use App\Bridge\HouseState;
use App\Models\House\House;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;

/**
 * Changes what the house is made of (fields, kinds of task, checklists), one at a time and recorded; whoever looks at
 * it sees it at once.
 */
final class ChangeHouse
{
    /**
     * Changes the row of the house itself.
     *
     * @param array<string, mixed>|Closure(House): array<string, mixed> $values columns
     */
    public static function set(string $event, string $description, Actor $by, array|Closure $values): House
    {
        return self::run($event, $description, $by, static function () use ($values): House {
            $house = House::query()->firstOrFail();
            $house->update(is_array($values) ? $values : $values($house));

            return $house;
        });
    }

    /**
     * @template T of Model
     *
     * @param Closure(): T           $change
     * @param (Closure(): (T|null))|null $already what is there already, so that nothing is to be done
     *
     * @return T
     */
    public static function run(
        string $event,
        string $description,
        Actor $by,
        Closure $change,
        ?Closure $already = null,
    ): Model {
        return DB::transaction(static function () use ($event, $description, $by, $change, $already): Model {
            HouseState::lock();
            $known = $already === null ? null : $already();
            if ($known !== null) {
                return $known;
            }
            $row = $change();
            House::query()->increment('roster_revision');
            Audit::record($by, 'house', $event, $description, $row, Difference::of($row));

            return $row;
        }, attempts: 3);
    }
}
