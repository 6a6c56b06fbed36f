<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A place in the tree of regions, districts and schools. */
final class Place extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'places';

    protected $guarded = [];

    /** @return BelongsTo<Place, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(Place::class, 'parent_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function responsible(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'responsible_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function deputy(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'deputy_id');
    }
}
