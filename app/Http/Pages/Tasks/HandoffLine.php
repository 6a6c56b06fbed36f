<?php

declare(strict_types=1);

namespace App\Http\Pages\Tasks;

use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Models\Tasks\Handoff;

/** One row of the handoff log. Its type is HandoffLine.ts. */
final class HandoffLine
{
    /** @return array<string, mixed> */
    public static function of(Handoff $handoff): array
    {
        return [
            'id' => $handoff->id,
            'at' => Moment::of($handoff->at),
            'taskId' => $handoff->task_id,
            'number' => (int) $handoff->task?->number,
            'title' => (string) $handoff->task?->title,
            'from' => PersonRef::orNull($handoff->from),
            'to' => PersonRef::orNull($handoff->to),
            'together' => $handoff->together,
            'cause' => $handoff->cause->value,
            'standsInFor' => PersonRef::orNull($handoff->standsInFor),
            'awayUntil' => Moment::orNull($handoff->away_until),
            'reason' => $handoff->reason,
        ];
    }
}
