<?php

declare(strict_types=1);

namespace App\Models\House;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A table that comes in, and how far it is. */
final class TableImport extends Model
{
    use BootsByName;
    use HasUlids;

    public $timestamps = false;

    protected $table = 'table_imports';

    protected $guarded = [];

    protected $attributes = ['done' => 0, 'made' => 0, 'changed' => 0];

    protected $casts = [
        'rows' => 'array',
        'faults' => 'array',
        'begun_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<User, $this> in whose name it is carried out */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
