<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/** People who do the same kind of work. */
final class Team extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'teams';

    protected $guarded = [];

    /** @return BelongsToMany<Person, $this, TeamMembership> with the weight of their turns */
    public function members(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'team_members')
            ->using(TeamMembership::class)
            ->withPivot(['weight', 'position', 'from', 'until'])
            ->orderBy('team_members.position');
    }

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
