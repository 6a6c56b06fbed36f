<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/** A stretch in which a person is away; whole days or an exact stretch. */
final class Absence extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'absences';

    protected $guarded = [];

    protected $casts = [
        'first_day' => 'immutable_date:Y-m-d',
        'last_day' => 'immutable_date:Y-m-d',
        'from' => 'immutable_datetime',
        'to' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsToMany<Person, $this> */
    public function substitutes(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'absence_substitutes')->withPivot('position')->orderBy('absence_substitutes.position');
    }
}
