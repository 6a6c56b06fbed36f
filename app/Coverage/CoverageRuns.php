<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;

/** Begins holding the recent work against the rules of a version, and takes it up again when work has come since. */
final class CoverageRuns
{
    public static function forPublished(RulebookVersion $version): CoverageRun
    {
        return self::begin(
            CoverageRun::query()->firstOrCreate(
                ['rulebook_version_id' => $version->id, 'revision' => 0],
                ['examples' => []],
            ),
        );
    }

    /** @param int $revision of the drafts of the house: what an earlier one came to no longer counts */
    public static function forDraft(RulebookVersion $draft, int $revision): CoverageRun
    {
        $run = CoverageRun::query()->firstOrCreate(
            ['rulebook_version_id' => $draft->id, 'revision' => $revision],
            static fn(): array => [
                'examples' => [],
                'against_id' => RulebookVersion::query()->published()->value('id'),
            ],
        );
        if ($run->wasRecentlyCreated) {
            CoverageRun::query()->where('rulebook_version_id', $draft->id)->where('revision', '<', $revision)->delete();
        }

        return self::begin($run);
    }

    private static function begin(CoverageRun $run): CoverageRun
    {
        if (
            $run->finished_at === null ||
            RecordedArrivals::countAfter($run->through) > 0 ||
            RecordedChanges::countAfter($run->through_change) > 0
        ) {
            WorkOutCoverage::dispatch($run->id);
        }

        return $run->refresh();
    }
}
