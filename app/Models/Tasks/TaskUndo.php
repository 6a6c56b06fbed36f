<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Casts\Document;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;

/** What it takes to take back what somebody has last done to a task. */
final class TaskUndo extends Model
{
    use BootsByName;
    use MassPrunable;

    protected $table = 'task_undos';

    protected $primaryKey = 'task_id';

    protected $keyType = 'string';

    public $incrementing = false;

    public $timestamps = false;

    protected $guarded = [];

    protected $casts = ['undo' => Document::class, 'at' => 'immutable_datetime'];

    /** @return Builder<self> what nobody can take back any more */
    public function prunable(): Builder
    {
        return self::query()->where('at', '<', now()->subDay());
    }
}
