<?php

declare(strict_types=1);

namespace App\Models\Cases;

use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** The way that cases of a kind go, with what leads have changed of it and not published yet. */
final class Track extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'tracks';

    protected $guarded = [];

    protected $casts = ['draft' => Document::class];

    /** @return BelongsTo<TrackVersion, $this> null: it was never published */
    public function published(): BelongsTo
    {
        return $this->belongsTo(TrackVersion::class, 'published_id');
    }

    /** @return HasMany<TrackVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(TrackVersion::class);
    }

    /** @return HasMany<CustomerCase, $this> */
    public function cases(): HasMany
    {
        return $this->hasMany(CustomerCase::class);
    }
}
