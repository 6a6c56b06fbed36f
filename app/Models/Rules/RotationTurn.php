<?php

declare(strict_types=1);

namespace App\Models\Rules;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A turn of a rotation, or a correction of it.
 *
 * @property RotationAct     $kind
 * @property CarbonImmutable $at
 * @property list<mixed>     $passed_over person, reasons, figures of each, as decisions record them
 */
final class RotationTurn extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'rotation_turns';

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['kind' => RotationAct::class, 'at' => 'immutable_datetime', 'passed_over' => 'array'];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** @return BelongsTo<Person, $this> in whose place they took it */
    public function inPlaceOf(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'for_id');
    }

    /** @return BelongsTo<Task, $this> */
    public function task(): BelongsTo
    {
        return $this->belongsTo(Task::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
