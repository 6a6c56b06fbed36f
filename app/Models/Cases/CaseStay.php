<?php

declare(strict_types=1);

namespace App\Models\Cases;

use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A time that a case stood in a stage of its track. */
final class CaseStay extends Model
{
    use BootsByName;

    protected $table = 'case_stays';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = [
        'entered_at' => 'immutable_datetime',
        'left_at' => 'immutable_datetime',
        'passed' => Document::class,
    ];

    /** @return BelongsTo<CustomerCase, $this> */
    public function case(): BelongsTo
    {
        return $this->belongsTo(CustomerCase::class, 'case_id');
    }
}
