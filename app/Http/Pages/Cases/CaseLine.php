<?php

declare(strict_types=1);

namespace App\Http\Pages\Cases;

use App\Bridge\Snapshot;
use App\Http\Pages\Moment;
use App\Http\Pages\PersonRef;
use App\Models\Cases\CustomerCase;
use Carbon\CarbonImmutable;

/** A case as a line of a list. Its type is CaseLine.ts. */
final class CaseLine
{
    /**
     * @param CustomerCase $case with customer and owner
     * @param array<string, array<string, CarbonImmutable>> $lateSince as ListedCases has it
     *
     * @return array<string, mixed>
     */
    public static function of(CustomerCase $case, Snapshot $house, array $lateSince): array
    {
        $track = $house->tracks[$house->trackSlugs[$case->track_id] ?? ''] ?? null;
        $late = $lateSince[$case->track_id][$case->stage] ?? null;

        return [
            'id' => $case->id,
            'number' => (int) $case->number,
            'title' => $case->title,
            'track' => (string) $track?->name,
            'stage' => $track?->stageName($case->stage) ?? $case->stage,
            'since' => Moment::of($case->stage_since),
            'late' => $case->isOpen() && $late !== null && $case->stage_since < $late,
            'customer' => $case->customer?->name,
            'owner' => PersonRef::orNull($case->owner),
            'outcome' => $case->outcome === null ? null : $track->outcomes[$case->outcome] ?? $case->outcome,
            'openNeeded' => $case->open_needed,
            'refused' => $case->refused !== null,
            'openedAt' => Moment::of($case->opened_at),
            'closedAt' => Moment::orNull($case->closed_at),
            'tags' => $case->tagList(),
        ];
    }
}
