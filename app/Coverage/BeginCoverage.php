<?php

declare(strict_types=1);

namespace App\Coverage;

use App\Models\Rules\CoverageRun;
use App\Models\Rules\RulebookVersion;
use App\Rules\DraftSaved;
use App\Rules\RulebookPublished;

/** Whenever rules have changed, how much of the recent work they take is worked out in the background. */
final class BeginCoverage
{
    public function handleDraft(DraftSaved $event): void
    {
        $draft = RulebookVersion::query()->draft()->find($event->versionId);
        if ($draft !== null) {
            CoverageRuns::forDraft($draft, $event->revision);
        }
    }

    public function handlePublished(RulebookPublished $event): void
    {
        // What its drafts came to is no longer asked for.
        CoverageRun::query()->where('rulebook_version_id', $event->versionId)->where('revision', '>', 0)->delete();
        CoverageRuns::forPublished(RulebookVersion::query()->findOrFail($event->versionId));
    }
}
