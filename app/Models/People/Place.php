<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A place in the tree of regions, districts and schools. */
final class Place extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'places';

    protected $guarded = [];

    protected $casts = ['retired_at' => 'immutable_datetime'];

    /**
     * Those that are offered.
     *
     * @param Builder<Place> $query
     */
    public function scopeOffered(Builder $query): void
    {
        $query->whereNull('retired_at');
    }

    /**
     * In whose name a word begins with it.
     *
     * @param Builder<Place> $query
     */
    public function scopeNamed(Builder $query, string $part): void
    {
        $part = addcslashes($part, '%_\\');
        $query->where(
            static fn(Builder $either): Builder => $either
                ->where('name', 'like', "{$part}%")
                ->orWhere('name', 'like', "% {$part}%"),
        );
    }

    /** @return BelongsTo<Place, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(Place::class, 'parent_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function responsible(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'responsible_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function deputy(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'deputy_id');
    }
}
