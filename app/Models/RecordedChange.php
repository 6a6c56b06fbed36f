<?php

declare(strict_types=1);

namespace App\Models;

use App\Coverage\RecordedArrivals;
use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;

/** What happened to a task lately other than that it arrived, so that other rules can be held against it. */
final class RecordedChange extends Model
{
    use BootsByName;
    use MassPrunable;

    protected $table = 'recorded_changes';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['at' => 'immutable_datetime', 'document' => Document::class];

    /** @return Builder<self> what is no longer recent */
    public function prunable(): Builder
    {
        return self::query()->where('at', '<', RecordedArrivals::since());
    }
}
