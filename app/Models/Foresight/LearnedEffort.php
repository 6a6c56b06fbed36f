<?php

declare(strict_types=1);

namespace App\Models\Foresight;

use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Foresight\SpentEffort;

/**
 * What tasks of a kind, or those of them with a value of a list, have really taken lately; in minutes.
 *
 * @property string $task_kind_id
 * @property string $path
 * @property string $value
 * @property int    $counted
 * @property int    $without
 * @property int    $quarter
 * @property int    $median
 * @property int    $three_quarters
 * @property int    $ninety
 */
final class LearnedEffort extends Model
{
    protected $table = 'learned_efforts';

    public $timestamps = false;

    protected $guarded = [];

    /** @return int|null minutes that nine of ten tasks of a kind do not exceed; null: too little is known */
    public static function longFrom(?string $kindId): ?int
    {
        $row = self::query()->where('task_kind_id', $kindId)->where('path', '')->first();

        return $row === null || $row->counted < SpentEffort::ENOUGH ? null : $row->ninety;
    }
}
