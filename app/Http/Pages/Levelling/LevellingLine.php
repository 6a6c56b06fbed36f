<?php

declare(strict_types=1);

namespace App\Http\Pages\Levelling;

use App\Http\Pages\Moment;
use App\Http\Viewer;
use App\Levelling\LevelTerms;
use App\Models\Levelling\Levelling;

/** A levelling as a line. Its type is LevellingLine.ts. */
final class LevellingLine
{
    /** @return array<string, mixed> */
    public static function of(Levelling $levelling, Viewer $viewer): array
    {
        $roster = $viewer->snapshot()->roster;
        $terms = LevelTerms::read($levelling->terms);

        return [
            'id' => $levelling->id,
            'state' => $levelling->state->value,
            'by' => (string) $levelling->user?->name,
            'begunAt' => Moment::of($levelling->begun_at),
            'appliedAt' => Moment::orNull($levelling->applied_at),
            'appliedBy' => $levelling->appliedBy?->name,
            'undoneAt' => Moment::orNull($levelling->undone_at),
            'teams' => array_map(
                static fn(string $slug): string => $roster->teams[$slug]->name ?? $slug,
                $levelling->teams,
            ),
            'days' => $terms->days,
            'first' => $terms->terms()->order[0]->value,
            'mostMoves' => $terms->mostMoves,
            'leastSaving' => $terms->leastSaving,
            'barsPeaks' => $terms->barsPeaks,
            'working' => $terms->working,
            'why' => $levelling->why,
            'result' => self::result($levelling),
        ];
    }

    /** @return array<string, int>|null minutes late before, after all that was worked out, and at least; moves */
    private static function result(Levelling $levelling): ?array
    {
        $result = LevelResult::of($levelling);

        return $result === null
            ? null
            : [
                'before' => $result->minutes('before'),
                'after' => $result->minutes('after'),
                'bound' => $result->bound(),
                'moves' => $result->moves(),
            ];
    }
}
