<?php

declare(strict_types=1);

namespace App\Models\Customers;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** Two records of one customer that became one, and what it takes to part them again. */
final class CustomerMerge extends Model
{
    use BootsByName;
    use HasUlids;

    public $timestamps = false;

    protected $table = 'customer_merges';

    protected $guarded = [];

    protected $casts = ['taken' => 'array', 'at' => 'immutable_datetime', 'undone_at' => 'immutable_datetime'];

    /** @return BelongsTo<Customer, $this> */
    public function kept(): BelongsTo
    {
        return $this->belongsTo(Customer::class, 'kept_id');
    }

    /** @return BelongsTo<Customer, $this> */
    public function gone(): BelongsTo
    {
        return $this->belongsTo(Customer::class, 'gone_id');
    }
}
