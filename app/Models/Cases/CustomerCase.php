<?php

declare(strict_types=1);

namespace App\Models\Cases;

use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use App\Models\Concerns\CountsNumbers;
use App\Models\Concerns\HasTags;
use App\Models\Concerns\SyncsOthers;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\Tasks\Comment;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskFile;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/** A matter of a customer, which goes a track through the house. */
final class CustomerCase extends Model
{
    use BootsByName;
    use CountsNumbers;
    use HasTags;
    use HasUlids;
    use SyncsOthers;

    protected $table = 'cases';

    protected $guarded = [];

    protected $casts = [
        'facts' => 'array',
        'tags' => 'array',
        'covering' => Document::class,
        'refused' => Document::class,
        'stage_since' => 'immutable_datetime',
        'opened_at' => 'immutable_datetime',
        'closed_at' => 'immutable_datetime',
        'next_moment_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Track, $this> */
    public function track(): BelongsTo
    {
        return $this->belongsTo(Track::class);
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'owner_id');
    }

    /** @return BelongsTo<self, $this> the case above it */
    public function above(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<self, $this> the cases below it */
    public function below(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id');
    }

    /** @return HasMany<CaseStay, $this> in order */
    public function stays(): HasMany
    {
        return $this->hasMany(CaseStay::class, 'case_id')->orderBy('place');
    }

    /** @return HasOne<CaseStay, $this> */
    public function lastStay(): HasOne
    {
        return $this->hasOne(CaseStay::class, 'case_id')->ofMany('place', 'max');
    }

    /** @return HasMany<Task, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(Task::class, 'case_id');
    }

    /** @return HasMany<Comment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(Comment::class, 'case_id');
    }

    /** @return HasMany<TaskFile, $this> */
    public function files(): HasMany
    {
        return $this->hasMany(TaskFile::class, 'case_id');
    }

    /** @return BelongsToMany<Person, $this> */
    public function watchers(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'case_watchers', 'case_id');
    }

    /** @return BelongsToMany<Person, $this> who may take it where nobody owns it */
    public function claimants(): BelongsToMany
    {
        return $this->belongsToMany(Person::class, 'case_claimants', 'case_id');
    }

    /** @param Builder<self> $query */
    public function scopeOpen(Builder $query): void
    {
        $query->whereNull('closed_at');
    }

    public function isOpen(): bool
    {
        return $this->closed_at === null;
    }
}
