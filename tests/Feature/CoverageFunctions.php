<?php

declare(strict_types=1);

use App\Bridge\SnapshotSource;
use App\Coverage\RecordedArrivals;
use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;
use OpenBaton\Core\Subject\ChangeFacts;
use OpenBaton\Core\Time\Zone;

/** @return array<string, int> tasks by "day rule before" */
function counted(CoverageRun $run): array
{
    $counts = [];
    foreach ($run->counts()->orderBy('day')->orderBy('rule')->get() as $count) {
        $counts[trim("{$count->day->format('m-d')} {$count->rule} {$count->rule_before}")] = $count->tasks;
    }

    return $counts;
}

function published(): CoverageRun
{
    return CoverageRun::query()
        ->where('rulebook_version_id', RulebookVersion::query()->published()->sole()->id)
        ->where('revision', 0)
        ->sole();
}

/** @return array<int, mixed> all recent arrivals */
function arrivals(int $after = 0, int $most = 1000): array
{
    $house = app(SnapshotSource::class)->current();

    $seen = new ChangeFacts($house->roster, $house->roster->lookups);

    return (new RecordedArrivals($house->catalogue, new Zone($house->zone), $seen))->after($after, $most);
}
