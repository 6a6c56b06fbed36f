<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** The house itself: one row. */
final class House extends Model
{
    use HasUlids;

    protected $guarded = [];

    protected $casts = [
        'hours' => 'array',
        'holidays' => 'array',
        'exceptions' => 'array',
    ];
}
