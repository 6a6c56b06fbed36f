<?php

declare(strict_types=1);

namespace App\Models\Events;

use App\Models\Cases\CustomerCase;
use App\Models\Concerns\BootsByName;
use App\Models\Customers\Customer;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** What somebody should know of because it was not their own doing. */
final class Notice extends Model
{
    use BootsByName;
    use HasUlids;
    use MassPrunable;

    /** Days for which one that was seen is kept, and one that never was. */
    private const SEEN_DAYS = 90;
    private const UNSEEN_DAYS = 365;

    protected $table = 'notices';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'kind' => NoticeKind::class,
        'at' => 'immutable_datetime',
        'seen_at' => 'immutable_datetime',
        'channels' => 'array',
    ];

    /** @return Builder<self> what nobody looks for any more */
    public function prunable(): Builder
    {
        return self::query()
            ->where('seen_at', '<', now()->subDays(self::SEEN_DAYS))
            ->orWhere('at', '<', now()->subDays(self::UNSEEN_DAYS));
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

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class);
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function other(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'other_id');
    }

    /** How much somebody was told and has not read. */
    public static function unreadBy(string $personId): int
    {
        return self::query()->unseen()->where('person_id', $personId)->count();
    }

    /** @param Builder<self> $query */
    public function scopeUnseen(Builder $query): void
    {
        $query->whereNull('seen_at');
    }
}
