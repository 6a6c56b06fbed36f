<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Database\Row;
use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;
use App\Rules\LockedDraft;
use OpenBaton\Core\Check\RecentWork;

/** What checks know of the recent work, once all of it has been held against the rules. */
final class RecentOfRun
{
    /** The run that has held all of it against the rules of a version; null: none has yet. */
    public static function whole(RulebookVersion $version): ?CoverageRun
    {
        return CoverageRun::query()
            ->where('rulebook_version_id', $version->id)
            ->where('revision', $version->number === null ? LockedDraft::revision() : 0)
            ->whereNotNull('whole_at')
            ->first();
    }

    public static function of(CoverageRun $run): RecentWork
    {
        $since = RecordedArrivals::since()->format('Y-m-d');
        $met = $left = [];
        // The builder has no sum by groups.
        $meets = $run
            ->meets()
            ->where('day', '>=', $since)
            ->groupBy('rule', 'taker')
            ->selectRaw('rule, taker, CAST(SUM(tasks) AS UNSIGNED) AS tasks');
        foreach ($meets->toBase()->get() as $row) {
            $row = new Row($row);
            $met[$row->text('rule')][$row->text('taker')] = $row->int('tasks');
        }
        $lefts = $run
            ->lefts()
            ->where('day', '>=', $since)
            ->groupBy('kind', 'path', 'value')
            ->selectRaw('kind, path, value, CAST(SUM(tasks) AS UNSIGNED) AS tasks');
        foreach ($lefts->toBase()->get() as $row) {
            $row = new Row($row);
            $left[$row->text('kind')][$row->text('path')][$row->text('value')] = $row->int('tasks');
        }

        return new RecentWork($met, $left);
    }
}
