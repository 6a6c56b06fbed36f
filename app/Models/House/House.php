<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** The house itself: one row. */
final class House extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'houses';

    protected $guarded = [];

    protected $casts = [
        'hours' => 'array',
        'holidays' => 'array',
        'exceptions' => 'array',
        'customer_tiers' => 'array',
        'place_levels' => 'array',
        'calendars' => 'array',
        'customer_words' => 'array',
        'tasks_are_open' => 'boolean',
        'ticked_at' => 'immutable_datetime',
    ];
}
