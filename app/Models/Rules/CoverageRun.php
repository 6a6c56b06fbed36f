<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** How far the recent work has been held against the rules of a version. */
final class CoverageRun extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'coverage_runs';

    protected $guarded = [];

    protected $casts = [
        'examples' => 'array',
        'finished_at' => 'immutable_datetime',
        'whole_at' => 'immutable_datetime',
    ];

    /** @return HasMany<CoverageCount, $this> */
    public function counts(): HasMany
    {
        return $this->hasMany(CoverageCount::class);
    }

    /** @return HasMany<CoverageAct, $this> */
    public function acts(): HasMany
    {
        return $this->hasMany(CoverageAct::class);
    }

    /** @return HasMany<CoverageMeet, $this> */
    public function meets(): HasMany
    {
        return $this->hasMany(CoverageMeet::class);
    }

    /** @return HasMany<CoverageLeft, $this> */
    public function lefts(): HasMany
    {
        return $this->hasMany(CoverageLeft::class);
    }

    /** @return BelongsTo<RulebookVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(RulebookVersion::class, 'rulebook_version_id');
    }

    /** @return BelongsTo<RulebookVersion, $this> */
    public function against(): BelongsTo
    {
        return $this->belongsTo(RulebookVersion::class, 'against_id');
    }
}
