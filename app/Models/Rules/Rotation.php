<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A named round-robin with its virtual time; several rules may share one.
 *
 * @property int $virtual_time
 */
final class Rotation extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'rotations';

    protected $guarded = [];

    /** @return HasMany<RotationSeat, $this> in the order of joining */
    public function seats(): HasMany
    {
        return $this->hasMany(RotationSeat::class)->orderBy('position');
    }
}
