<?php

declare(strict_types=1);

namespace App\Models\Levelling;

use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That somebody else should have a task.
 *
 * @property bool $left whoever leads left it out
 */
final class LevelledMove extends Model
{
    /** What became of it: it was moved, or the task is not as it was any more. */
    public const MOVED = 'moved';
    public const OTHERWISE = 'otherwise';

    protected $table = 'levelled_moves';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['left' => 'boolean'];

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
}
