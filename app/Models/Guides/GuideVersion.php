<?php

declare(strict_types=1);

namespace App\Models\Guides;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What a guide said from a moment on, as Markdown; never changed again. */
final class GuideVersion extends Model
{
    use BootsByName;

    protected $table = 'guide_versions';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
