<?php

declare(strict_types=1);

namespace App\Models\Events;

use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** A domain event that was written with what brought it about. */
final class RecordedEvent extends Model
{
    use BootsByName;

    protected $table = 'recorded_events';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime', 'data' => Document::class];
}
