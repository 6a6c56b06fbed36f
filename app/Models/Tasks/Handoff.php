<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** One change of who holds a task. The database refuses to change or delete one. */
final class Handoff extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'handoffs';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'cause' => HandoffCause::class,
        'at' => 'immutable_datetime',
        'away_until' => 'immutable_datetime',
        'together' => 'boolean',
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function from(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'from_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function to(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'to_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function standsInFor(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'for_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
