<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a check has found of rules as they are, and somebody has said is meant so.
 *
 * @property string          $signature    of what was found, and of the rules that it names
 * @property CarbonImmutable $set_aside_at
 */
final class FindingSetAside extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'findings_set_aside';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['set_aside_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
