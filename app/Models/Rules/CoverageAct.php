<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** How often a rule acts on what happened on a day, whatever kind of event it was. */
final class CoverageAct extends Model
{
    use BootsByName;

    protected $table = 'coverage_acts';

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    protected $casts = ['day' => 'immutable_date:Y-m-d'];
}
