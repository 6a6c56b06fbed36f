<?php

declare(strict_types=1);

namespace App\Models\Absences;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** By which event of which calendar an absence came. */
final class CalendarEntry extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'calendar_entries';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Absence, $this> */
    public function absence(): BelongsTo
    {
        return $this->belongsTo(Absence::class);
    }
}
