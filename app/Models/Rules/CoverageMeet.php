<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** How many tasks of a day met the criteria of a rule that gives, by the rule that took them. */
final class CoverageMeet extends Model
{
    use BootsByName;

    protected $table = 'coverage_meets';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];
}
