<?php

declare(strict_types=1);

namespace App\Models\Runsheets;

use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Work that belongs together, with what leads have changed of it and not published yet. */
final class Runsheet extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'runsheets';

    protected $guarded = [];

    protected $casts = ['draft' => Document::class];

    /** @return BelongsTo<RunsheetVersion, $this> null: it was never published */
    public function published(): BelongsTo
    {
        return $this->belongsTo(RunsheetVersion::class, 'published_id');
    }

    /** @return HasMany<RunsheetVersion, $this> */
    public function versions(): HasMany
    {
        return $this->hasMany(RunsheetVersion::class);
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class);
    }
}
