<?php

declare(strict_types=1);

namespace App\Models\Runsheets;

use App\Models\Access\User;
use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A runsheet as it was published; never changed again. */
final class RunsheetVersion extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'runsheet_versions';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['document' => Document::class, 'published_at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function publishedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'published_by');
    }
}
