<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** Until when the moments of a schedule have been put down. */
final class ScheduleMark extends Model
{
    use BootsByName;

    protected $table = 'schedules';

    protected $primaryKey = 'timer';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['through' => 'immutable_datetime'];
}
