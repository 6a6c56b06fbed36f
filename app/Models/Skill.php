<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** Something that people know how to do, at a level. */
final class Skill extends Model
{
    use HasUlids;

    protected $guarded = [];
}
