<?php

declare(strict_types=1);

namespace App\Models\Guides;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Which version of a guide somebody has looked at last. */
final class GuideRead extends Model
{
    use BootsByName;

    protected $table = 'guide_reads';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
