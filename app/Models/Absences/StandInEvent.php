<?php

declare(strict_types=1);

namespace App\Models\Absences;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** An event of the stand-in for the calendar of the personnel office. */
final class StandInEvent extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'stand_in_events';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'first_day' => 'immutable_date:Y-m-d',
        'last_day' => 'immutable_date:Y-m-d',
        'cancelled' => 'boolean',
    ];
}
