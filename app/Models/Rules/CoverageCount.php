<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** How many tasks of a day a rule takes, and which rule takes them in the version that it is compared with. */
final class CoverageCount extends Model
{
    use BootsByName;

    protected $table = 'coverage_counts';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    protected $casts = ['day' => 'immutable_date:Y-m-d'];
}
