<?php

declare(strict_types=1);

namespace App\Models\Tasks;

use App\Models\Cases\Track;
use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenBaton\Core\Flow\ApprovalTask;

/** A kind of task, with the effort that it usually takes. */
final class TaskKind extends Model
{
    use BootsByName;
    use HasUlids;

    protected $table = 'task_kinds';

    protected $guarded = [];

    protected $casts = ['form_facts' => 'array', 'defaults' => 'array', 'asks' => 'array', 'to_complete' => 'array'];

    /** @return BelongsTo<Track, $this> on which a case opens where it is asked for on the web form */
    public function formTrack(): BelongsTo
    {
        return $this->belongsTo(Track::class, 'form_track_id');
    }

    private const MINUTES_OF_APPROVALS = 10;

    /** The kind of the tasks of those who are asked whether they approve; there is one in every house. */
    public static function ofApprovals(): self
    {
        return self::query()->firstOrCreate(
            ['slug' => ApprovalTask::KIND],
            ['name' => 'Approval', 'usual_minutes' => self::MINUTES_OF_APPROVALS, 'position' => self::query()->count()],
        );
    }
}
