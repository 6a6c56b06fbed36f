<?php

declare(strict_types=1);

namespace App\Models\Absences;

use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Rulebook\SeatName;

/**
 * That whoever holds or reviews a task does so in place of somebody who is away. One for each task and seat.
 *
 * @property list<string> $via        slugs of substitutes who went away, too
 * @property list<string> $touched_by slugs of those who have begun with it while they covered
 * @property string       $absence    slug, of the person who is away
 */
final class TaskCover extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'task_covers';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['seat' => SeatName::class, 'via' => 'array', 'held' => 'boolean', 'touched_by' => 'array'];

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function for(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'for_id');
    }
}
