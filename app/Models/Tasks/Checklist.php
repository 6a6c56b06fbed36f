<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A list of things to tick that the house keeps in one place. */
final class Checklist extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'checklists';

    protected $guarded = [];

    protected $casts = ['items' => 'array'];
}
