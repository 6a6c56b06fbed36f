<?php

declare(strict_types=1);

namespace App\Models\Guides;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * How something is done, in the words of the house.
 *
 * @property int|null $read_now   where it was counted: how many have looked at it as it is now
 * @property int|null $read_by_me likewise: whether whoever looks has
 */
final class Guide extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'guides';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['changed_at' => 'immutable_datetime', 'retired_at' => 'immutable_datetime'];

    /** @return HasMany<GuideVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(GuideVersion::class);
    }

    /** @return HasOne<GuideVersion, $this> what it says now */
    public function says(): HasOne
    {
        return $this->hasOne(GuideVersion::class)->ofMany('number', 'max');
    }

    /** @return HasMany<GuideLink, $this> */
    public function links(): HasMany
    {
        return $this->hasMany(GuideLink::class);
    }

    /** @return HasMany<GuideRead, $this> */
    public function reads(): HasMany
    {
        return $this->hasMany(GuideRead::class);
    }

    /** @return BelongsTo<User, $this> whoever wrote it last */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /**
     * Those that hold.
     *
     * @param Builder<self> $query
     */
    public function scopeInUse(Builder $query): void
    {
        $query->whereNull('guides.retired_at');
    }

    /** @return array<string, string> name by slug, of all that are in use */
    public static function names(): array
    {
        $names = [];
        foreach (
            self::query()
                ->inUse()
                ->orderBy('name')
                ->get(['slug', 'name'])
            as $one
        ) {
            $names[$one->slug] = $one->name;
        }

        return $names;
    }

    public function text(): string
    {
        return $this->says->text ?? '';
    }

    public function isRetired(): bool
    {
        return $this->retired_at instanceof CarbonImmutable;
    }
}
