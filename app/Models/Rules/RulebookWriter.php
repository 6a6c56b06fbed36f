<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who has the rulebook open to write it, and the rule that they have open.
 *
 * @property CarbonImmutable $seen_at
 */
final class RulebookWriter extends Model
{
    use BootsByName;

    /** Seconds after which somebody who says nothing more is gone. */
    private const HERE = 25;

    protected $table = 'rulebook_writers';

    protected $primaryKey = 'user_id';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['seen_at' => 'immutable_datetime'];

    /** @return Builder<self> those who are there now, but for one */
    public static function besides(string $userId): Builder
    {
        return self::query()
            ->where('user_id', '<>', $userId)
            ->where('seen_at', '>=', CarbonImmutable::now()->subSeconds(self::HERE));
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
