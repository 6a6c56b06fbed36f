<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/** A kind of task, with the effort that it usually takes. */
final class TaskKind extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'task_kinds';

    protected $guarded = [];

    protected $casts = ['form_facts' => 'array', 'defaults' => 'array', 'asks' => 'array', 'to_complete' => 'array'];
}
