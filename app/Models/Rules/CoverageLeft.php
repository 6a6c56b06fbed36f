<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** How many tasks of a day no rule gave to anybody, by their kind and one of their lists. */
final class CoverageLeft extends Model
{
    use BootsByName;

    protected $table = 'coverage_lefts';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];
}
