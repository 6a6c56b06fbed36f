<?php

declare(strict_types=1);

namespace App\Models\Customers;

use App\Database\SearchWords;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\HasTags;
use App\Models\People\Person;
use App\Models\People\Place;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Somebody whom the house works for. */
final class Customer extends Model
{
    use BootsByName;
    use HasTags;
    use HasUlids;

    protected $table = 'customers';

    protected $guarded = [];

    protected $casts = [
        'facts' => 'array',
        'tags' => 'array',
        'on_form' => 'boolean',
        'retired_at' => 'immutable_datetime',
        'next_moment_at' => 'immutable_datetime',
    ];

    protected $attributes = ['facts' => '{}', 'tags' => '[]', 'on_form' => false, 'revision' => 1];

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'owner_id');
    }

    /**
     * Those in whose name all of the words, or their beginnings, are; by the index. What has no word in it is the
     * beginning of a name.
     *
     * @param Builder<self> $query
     */
    public function scopeNamed(Builder $query, string $part): void
    {
        $words = SearchWords::of($part);
        if ($words !== null) {
            $query->whereFullText('name', $words, ['mode' => 'boolean']);
        } elseif ($part !== '') {
            $query->where('name', 'like', addcslashes($part, '%_\\') . '%');
        }
        $query->orderBy('name');
    }

    /**
     * Those that are offered: neither retired nor part of another record.
     *
     * @param Builder<self> $query
     */
    public function scopeOffered(Builder $query): void
    {
        $query->whereNull('retired_at');
    }

    /** @return HasMany<CustomerContact, $this> the usual one first */
    public function contacts(): HasMany
    {
        return $this->hasMany(CustomerContact::class)->orderBy('position')->orderBy('id');
    }

    /** @return BelongsTo<Customer, $this> the record that this one went into */
    public function mergedInto(): BelongsTo
    {
        return $this->belongsTo(self::class, 'merged_into_id');
    }

    /** @return BelongsTo<Place, $this> */
    public function place(): BelongsTo
    {
        return $this->belongsTo(Place::class);
    }
}
