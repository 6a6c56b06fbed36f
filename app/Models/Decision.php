<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Routing\Outcome;

/** The recorded outcome of routing one event, with its trace. */
final class Decision extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'decisions';

    protected $guarded = [];

    protected $casts = [
        'at' => 'immutable_datetime',
        'outcome' => Outcome::class,
        'facts' => 'array',
        'trace' => 'array',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function assignee(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'assignee_id');
    }

    /** @return BelongsTo<RulebookVersion, $this> */
    public function rulebookVersion(): BelongsTo
    {
        return $this->belongsTo(RulebookVersion::class);
    }
}
