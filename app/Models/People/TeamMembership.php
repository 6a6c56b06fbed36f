<?php

declare(strict_types=1);

namespace App\Models\People;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * That a person is in a team, with the weight of their turns and their place in its list.
 *
 * @property int                  $weight
 * @property CarbonImmutable|null $from   first day in it
 * @property CarbonImmutable|null $until  last day in it
 */
final class TeamMembership extends Pivot
{
    public $timestamps = false;

    protected $casts = ['from' => 'immutable_date:Y-m-d', 'until' => 'immutable_date:Y-m-d'];
}
