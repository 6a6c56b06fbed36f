<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
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
     * @param int                        $seenRevision of the drafts of the house, when one began to change it
     *
     * @throws DraftMovedOn where somebody else saved other rules, published or discarded in the meantime
     */
    public function __invoke(array $rules, int $seenRevision, User $by): SavedDraft
    {
        [, $faults] = $this->rulebooks->compileDraft($rules, $this->snapshots->current());

        return DB::transaction(static function () use ($rules, $seenRevision, $by, $faults): SavedDraft {
            $turn = DraftInTurn::take();
            // Saved before, with the answer lost on its way: once is enough.
            if ($turn->draft !== null && json_encode($turn->draft->rules) === json_encode($rules)) {
                return new SavedDraft($turn->draft, $turn->revision, $faults);
            }
            $draft = $turn->asSeenAt($seenRevision)->draft ?? new RulebookVersion(['state' => VersionState::Draft]);
            $draft->rules = $rules;
            $draft->saved_by = $by->id;
            $draft->save();
            activity('rulebook')->performedOn($draft)->causedBy($by)->event('draft_saved')->log('saved the draft of the rulebook');

            return new SavedDraft($draft, $turn->moveOn(), $faults);
        }, attempts: 3);
    }
}
