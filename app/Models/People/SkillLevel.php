<?php

declare(strict_types=1);

namespace App\Models\People;

use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * How well a person knows something.
 *
 * @property int $level
 */
final class SkillLevel extends Pivot
{
    public $timestamps = false;
}
