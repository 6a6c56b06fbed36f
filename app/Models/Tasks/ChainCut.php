<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Cases\CustomerCase;
use App\Models\Concerns\BootsByName;
use App\Models\Customers\Customer;
use App\Models\House\House;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Chain\CutReason;

/** That a chain of rules did not go on, for the lead to look at. */
final class ChainCut extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'chain_cuts';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'at' => 'immutable_datetime',
        'seen_at' => 'immutable_datetime',
        'rules' => 'array',
        'reason' => CutReason::class,
    ];

    /** The floors of leads show it, until one has seen it. */
    protected static function booted(): void
    {
        self::saved(static fn() => House::query()->increment('changes'));
    }

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class, 'case_id');
    }

    /** @return BelongsTo<Customer, $this> */
    public function customer(): BelongsTo
    {
        return $this->belongsTo(Customer::class);
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return list<string> */
    public function ruleIds(): array
    {
        /** @var list<string> $ids */
        $ids = array_values((array) $this->rules);

        return $ids;
    }
}
