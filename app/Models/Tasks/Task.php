<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Absences\TaskCover;
use App\Models\Approvals\Approval;
use App\Models\Cases\CustomerCase;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\CountsNumbers;
use App\Models\Concerns\HasTags;
use App\Models\Concerns\HeldByPeople;
use App\Models\Concerns\ScopesTasks;
use App\Models\Concerns\SyncsOthers;
use App\Models\Customers\Customer;
use App\Models\Duties\Duty;
use App\Models\People\Person;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenBaton\Core\Subject\ChecklistItem;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** Something to be done by somebody. */
final class Task extends Model
{
    use BootsByName;
    use CountsNumbers;
    use HasTags;
    use HeldByPeople;
    use HasUlids;
    use ScopesTasks;
    use SyncsOthers;

    protected $table = 'tasks';

    protected $guarded = [];

    protected $casts = [
        'status' => TaskStatus::class,
        'priority' => Priority::class,
        'source' => TaskSource::class,
        'facts' => 'array',
        'tags' => 'array',
        'starts_at' => 'immutable_datetime',
        'due_at' => 'immutable_datetime',
        'arrived_at' => 'immutable_datetime',
        'started_at' => 'immutable_datetime',
        'completed_at' => 'immutable_datetime',
        'wakes_at' => 'immutable_datetime',
        'next_moment_at' => 'immutable_datetime',
        'resumes_as' => TaskStatus::class,
        'due_follows' => 'array',
        'text_follows' => 'array',
        'checklist' => 'array',
        'own_give' => 'array',
        'do_together' => 'boolean',
        'to_hand_on' => 'boolean',
        'needed' => 'boolean',
    ];

    public function effort(): Effort
    {
        return new Effort(
            (int) $this->kind?->usual_minutes,
            $this->estimate_minutes,
            $this->spent_minutes,
            $this->remaining_minutes,
        );
    }

    /** @return BelongsTo<TaskKind, $this> */
    public function kind(): BelongsTo
    {
        return $this->belongsTo(TaskKind::class, 'task_kind_id');
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return BelongsTo<Duty, $this> that it is one of */
    public function duty(): BelongsTo
    {
        return $this->belongsTo(Duty::class)->withTrashed();
    }

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class, 'case_id');
    }

    /** @return BelongsTo<Approval, $this> that it wants an answer for */
    public function approval(): BelongsTo
    {
        return $this->belongsTo(Approval::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function assignee(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'assignee_id');
    }

    /** @return BelongsTo<Person, $this> */
    public function reviewer(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'reviewer_id');
    }

    /** @return BelongsTo<self, $this> */
    public function madeBy(): BelongsTo
    {
        return $this->belongsTo(self::class, 'made_by_id');
    }

    /** @return HasMany<self, $this> */
    public function made(): HasMany
    {
        return $this->hasMany(self::class, 'made_by_id');
    }

    /** @return BelongsToMany<Person, $this> */
    public function watchers(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'task_watchers');
    }

    /** @return BelongsToMany<self, $this> */
    public function waitsOn(): BelongsToMany
    {
        return $this->belongsToMany(self::class, 'task_waits', 'task_id', 'other_id');
    }

    /** @return BelongsToMany<self, $this> */
    public function waitedForBy(): BelongsToMany
    {
        return $this->belongsToMany(self::class, 'task_waits', 'other_id', 'task_id');
    }

    /**
     * Tasks that go with it; each stands with the other, too.
     *
     * @return BelongsToMany<self, $this>
     */
    public function linked(): BelongsToMany
    {
        return $this->belongsToMany(self::class, 'task_links', 'task_id', 'other_id');
    }

    /** @return HasMany<TaskCover, $this> */
    public function covers(): HasMany
    {
        return $this->hasMany(TaskCover::class);
    }

    /** @return HasMany<TaskFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(TaskFile::class);
    }

    /** @return HasMany<Comment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(Comment::class);
    }

    /** @return HasMany<Handoff, $this> */
    public function handoffs(): HasMany
    {
        return $this->hasMany(Handoff::class);
    }

    /** @return BelongsToMany<Person, $this> */
    public function claimants(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'task_claimants');
    }

    /** @return list<ChecklistItem> */
    public function items(): array
    {
        /** @var list<array{text: string, done: bool}> $items */
        $items = array_values((array) $this->checklist);

        return array_map(
            static fn(array $item): ChecklistItem => new ChecklistItem($item['text'], $item['done']),
            $items,
        );
    }
}
