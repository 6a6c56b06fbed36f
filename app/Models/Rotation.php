<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** The kept state of a named round-robin ring. */
final class Rotation extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'rotations';

    protected $guarded = [];
}
