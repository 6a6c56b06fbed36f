<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody's place in a rotation, with their pass. One for each rotation and person.
 *
 * @property string $person_id
 * @property int    $position
 * @property int    $pass
 */
final class RotationSeat extends Model
{
    use BootsByName;

    protected $table = 'rotation_seats';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];
}
