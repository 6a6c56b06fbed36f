<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A field of tasks that the house has added. */
final class CustomField extends Model
{
    use HasUlids;

    protected $table = 'fields';

    protected $guarded = [];

    protected $casts = [
        'options' => 'array',
    ];
}
