<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Access\User;
use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Subject\Cause;

/** What one cause has altered on one task at one instant; never changed again. */
final class TaskChange extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'task_changes';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'at' => 'immutable_datetime',
        'cause' => Cause::class,
        'difference' => Document::class,
    ];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Person, $this> in whose place the user acted */
    public function for(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'for_id');
    }

    /** @return BelongsTo<Decision, $this> */
    public function causedBy(): BelongsTo
    {
        return $this->belongsTo(Decision::class, 'caused_by_id');
    }
}
