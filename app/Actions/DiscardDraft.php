<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\Turn;
use App\Models\RulebookVersion;
use App\Models\User;
use App\Models\VersionState;
use Illuminate\Support\Facades\DB;

/** Throws the draft away. */
final class DiscardDraft
{
    /** @throws DraftMovedOn */
    public function __invoke(int $seenRevision, User $by): void
    {
        DB::transaction(function () use ($seenRevision, $by): void {
            Turn::take();
            $draft = RulebookVersion::query()->where('state', VersionState::Draft)->lockForUpdate()->first();
            if ($draft === null || $draft->revision !== $seenRevision) {
                throw DraftMovedOn::of($draft);
            }
            // The rules go into the record, so that even a draft can be got back.
            activity('rulebook')->causedBy($by)->event('draft_discarded')->withProperties(['rules' => $draft->rules])->log('discarded the draft of the rulebook');
            $draft->delete();
        }, attempts: 3);
    }
}
