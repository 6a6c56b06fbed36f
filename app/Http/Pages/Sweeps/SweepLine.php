<?php

declare(strict_types=1);

namespace App\Http\Pages\Sweeps;

use App\Http\Pages\Moment;
use App\Models\Sweeps\SweepRun;

/** A sweep over chosen tasks as a line. Its type is SweepLine.ts. */
final class SweepLine
{
    /** @return array<string, mixed> */
    public static function of(SweepRun $run): array
    {
        return [
            'id' => $run->id,
            'name' => $run->name,
            'ofRule' => $run->rule_id,
            'by' => (string) $run->user?->name,
            'state' => $run->state->value,
            'begunAt' => Moment::of($run->begun_at),
            'carriedAt' => Moment::orNull($run->carried_at),
            'endedAt' => Moment::orNull($run->ended_at),
            'undoneAt' => Moment::orNull($run->undone_at),
        ];
    }
}
