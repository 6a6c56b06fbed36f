<?php

declare(strict_types=1);

namespace App\Models\Access;

use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** That somebody may choose a password, once, by a link that only they were given. */
final class Invitation extends Model
{
    use BootsByName;
    use HasUlids;
    use MassPrunable;

    public const DAYS = 7;

    protected $table = 'invitations';

    protected $guarded = [];

    protected $hidden = ['token'];

    protected $casts = ['expires_at' => 'immutable_datetime'];

    public static function digest(string $secret): string
    {
        return hash('sha256', $secret);
    }

    /** @return Builder<self> the one that a link stands for, while it is good */
    public static function by(string $secret): Builder
    {
        return self::query()->where('token', self::digest($secret))->where('expires_at', '>', CarbonImmutable::now());
    }

    /** @return Builder<self> */
    public function prunable(): Builder
    {
        return self::query()->where('expires_at', '<', CarbonImmutable::now());
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
