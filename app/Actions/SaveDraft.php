<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Bridge\Turn;
use App\Models\RulebookVersion;
use App\Models\User;
use App\Models\VersionState;
use Illuminate\Support\Facades\DB;

/** Saves the draft of the rulebook as it stands, finished or not, and says what still stands against publishing it. */
final readonly class SaveDraft
{
    public function __construct(private SnapshotSource $snapshots, private RulebookReader $rulebooks) {}

    /**
     * @param list<array<string, mixed>> $rules        rule documents, some perhaps unfinished
     * @param int|null                   $seenRevision of the draft; null: there was none
     *
     * @throws DraftMovedOn where somebody else saved in the meantime
     */
    public function __invoke(array $rules, ?int $seenRevision, User $by): SavedDraft
    {
        [, $faults] = $this->rulebooks->compileDraft($rules, $this->snapshots->current());

        $version = DB::transaction(function () use ($rules, $seenRevision, $by): RulebookVersion {
            Turn::take();
            $draft = $this->rulebooks->lockDraft();
            if ($draft?->revision !== $seenRevision) {
                throw DraftMovedOn::of($draft);
            }
            $draft ??= new RulebookVersion(['state' => VersionState::Draft, 'revision' => 0]);
            $draft->rules = $rules;
            $draft->saved_by = $by->id;
            ++$draft->revision;
            $draft->save();
            activity('rulebook')->performedOn($draft)->causedBy($by)->event('draft_saved')->log('saved the draft of the rulebook');

            return $draft;
        }, attempts: 3);

        return new SavedDraft($version, $faults);
    }
}
