<?php

declare(strict_types=1);

namespace App\Models\Absences;

use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What was set by hand in a cover plan: who gets a task; nobody: it stays. */
final class CoverSetting extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'cover_settings';

    public $timestamps = false;

    protected $guarded = [];

    /** @return BelongsTo<Absence, $this> */
    public function absence(): BelongsTo
    {
        return $this->belongsTo(Absence::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }
}
