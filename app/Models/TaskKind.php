<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A kind of task, with the effort that it usually takes and the guide to doing it. */
final class TaskKind extends Model
{
    use HasUlids;

    protected $guarded = [];
}
