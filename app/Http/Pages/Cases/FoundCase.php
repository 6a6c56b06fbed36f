<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Bridge\Snapshot;
use App\Models\Cases\CustomerCase;

/** A case as a search answers it. Its type is FoundCase.ts. */
final class FoundCase
{
    /** @return array{id: string, number: int, title: string, stage: string} */
    public static function of(CustomerCase $case, Snapshot $house): array
    {
        $track = $house->tracks[$house->trackSlugs[$case->track_id] ?? ''] ?? null;
        $outcome = $case->outcome === null ? null : $track?->outcomes[$case->outcome] ?? $case->outcome;

        return [
            'id' => $case->id,
            'number' => (int) $case->number,
            'title' => $case->title,
            'stage' => $outcome ?? ($track?->stageName($case->stage) ?? $case->stage),
        ];
    }
}
