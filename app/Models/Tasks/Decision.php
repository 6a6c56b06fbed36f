<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Access\User;
use App\Models\Cases\CustomerCase;
use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use App\Models\Customers\Customer;
use App\Models\Rules\RulebookVersion;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Routing\Outcome;

/** The recorded outcome of routing one event, with what can't be worked out again of its trace. */
final class Decision extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'decisions';

    protected $guarded = [];

    protected $casts = [
        'at' => 'immutable_datetime',
        'outcome' => Outcome::class,
        'facts' => Document::class,
        'record' => Document::class,
    ];

    /** @return BelongsTo<RulebookVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(RulebookVersion::class, 'rulebook_version_id');
    }

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class, 'case_id');
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
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
}
