<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Routing\Outcome;

/** The recorded outcome of routing one event, with its trace. */
final class Decision extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'decisions';

    protected $guarded = [];

    protected $casts = [
        'at' => 'immutable_datetime',
        'outcome' => Outcome::class,
        'facts' => 'array',
        'trace' => 'array',
    ];
}
