<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Access\User;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A list of tasks or cases that somebody has given a name, for themselves or for everybody. */
final class TaskList extends Model
{
    use BootsByName;
    use HasUlids;

    public const TASKS = 'tasks';

    public const CASES = 'cases';

    public const OF = [self::TASKS, self::CASES];

    protected $table = 'task_lists';

    protected $guarded = [];

    protected $casts = ['shared' => 'boolean', 'query' => 'array'];

    /** @return BelongsTo<User, $this> whose it is */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
