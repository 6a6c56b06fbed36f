<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** The kept state of a named round-robin ring. */
final class Rotation extends Model
{
    use HasUlids;

    protected $guarded = [];
}
