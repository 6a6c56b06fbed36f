<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\Pivot;

/**
 * That a person is in a team, with the weight of their turns and their place in its list.
 *
 * @property int $weight
 */
final class TeamMembership extends Pivot
{
    public $timestamps = false;
}
