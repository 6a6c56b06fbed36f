<?php

declare(strict_types=1);

namespace App\Models\Events;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** By which other means somebody wants to hear of what, and when not. */
final class NewsChoice extends Model
{
    use BootsByName;

    protected $table = 'news_choices';

    protected $primaryKey = 'person_id';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['channels' => 'array', 'urgent_passes' => 'boolean', 'summed_at' => 'immutable_datetime'];

    protected $attributes = ['channels' => '{}', 'urgent_passes' => false];
}
