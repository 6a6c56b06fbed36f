<?php

declare(strict_types=1);

namespace App\Models\Reminders;

use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Message\Channel;
use OpenBaton\Core\Rulebook\Event\DateReached;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Timer\Reminder as Moment;

/** A reminder as a kind proposes it for its tasks, or as somebody has set it for themselves. */
final class Reminder extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'reminders';

    protected $guarded = [];

    protected $casts = ['audience' => Audience::class, 'channels' => 'array'];

    /** @return BelongsTo<TaskKind, $this> */
    public function kind(): BelongsTo
    {
        return $this->belongsTo(TaskKind::class, 'task_kind_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return list<Channel> besides the product itself */
    public function by(): array
    {
        return Channel::among((array) $this->channels);
    }

    public function moment(): Moment
    {
        return new Moment(
            $this->id,
            new DateReached(
                $this->field,
                Offset::parse($this->offset),
                $this->time === null ? null : TimeOfDay::parse($this->time),
            ),
        );
    }

    /**
     * Whether it reminds somebody of a task that it concerns.
     *
     * @param bool $holds whether they hold it
     */
    public function remindsOf(Task $task, string $personId, bool $holds): bool
    {
        return match ($this->audience) {
            Audience::Holder => $holds,
            Audience::Reviewer => $task->reviewer_id === $personId,
            Audience::Customer => false,
            Audience::Self => $this->person_id === $personId && ($this->task_id !== null || $holds),
        };
    }

    /**
     * What kinds propose.
     *
     * @param Builder<self> $query
     */
    public function scopeProposed(Builder $query): void
    {
        $query->whereNotNull('task_kind_id');
    }
}
