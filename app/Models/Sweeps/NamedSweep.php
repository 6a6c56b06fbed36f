<?php

declare(strict_types=1);

namespace App\Models\Sweeps;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A sweep with a name, to be started again.
 *
 * @property CarbonImmutable $saved_at
 */
final class NamedSweep extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'sweeps';

    public $timestamps = false;

    protected $guarded = [];

    protected $attributes = ['revision' => 1];

    protected $casts = ['document' => 'array', 'saved_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> who saved it last */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
