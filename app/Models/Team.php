<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** People who do the same kind of work. */
final class Team extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'teams';

    protected $guarded = [];

    /** @return BelongsTo<Person, $this> */
    public function lead(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'lead_id');
    }

    /** @return BelongsTo<Team, $this> */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(Team::class, 'parent_id');
    }
}
