<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\CheckedRules;
use App\Bridge\IdentifiedRules;
use App\Bridge\SnapshotSource;
use App\Models\Access\AuditRecord;
use App\Models\Casts\Document;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Refusals\DraftMovedOn;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\RulebookFormat;

/** Saves the draft of the rulebook as it stands, finished or not, and says what still stands against publishing it. */
final readonly class SaveDraft
{
    public function __construct(private SnapshotSource $snapshots, private CheckedRules $checked) {}

    /**
     * @param list<array<string, mixed>|string> $given rule documents, some perhaps unfinished; a text is the id of one
     *     that stays as it was at that revision
     * @param int                               $seenRevision of the drafts of the house, when one began to change it
     *
     * @throws DocumentError where it is larger than a rulebook may be, takes too long to be read, or names a rule that
     *     there is not; nothing is changed
     * @throws DraftMovedOn where somebody else saved other rules, published or discarded in the meantime
     */
    public function __invoke(array $given, int $seenRevision, Actor $by): SavedDraft
    {
        $rules = $this->whole($given, $seenRevision);
        $text = Document::encode($rules);
        if (strlen($text) > RulebookFormat::LARGEST) {
            throw DocumentError::at(
                '/rules',
                'All rules together have at most {most} MB; these have {have} MB.',
                most: RulebookFormat::LARGEST >> 20,
                have: number_format(strlen($text) / (1 << 20), 1),
            );
        }
        $faults = $this->checked->faults($rules, $this->snapshots->current(), config()->integer('baton.draft_seconds'));

        return DB::transaction(static function () use ($rules, $text, $seenRevision, $by, $faults): SavedDraft {
            $locked = LockedDraft::take();
            // Saved before, with the answer lost on its way: once is enough.
            if ($locked->draft?->getRawOriginal('rules') === $text) {
                return new SavedDraft($locked->revision, $faults);
            }
            $draft = $locked->asSeenAt($seenRevision)->draft ?? new RulebookVersion(['state' => VersionState::Draft]);
            $draft->rules = $rules;
            $draft->saved_by = $by->user?->id;
            $draft->saved_by_system = $by->system;
            $draft->save();
            Audit::record($by, AuditRecord::RULEBOOK, 'draft_saved', 'saved the draft of the rulebook', $draft);
            $revision = $locked->moveOn();
            DraftSaved::dispatch($draft->id, $revision);

            return new SavedDraft($revision, $faults);
        }, attempts: 3);
    }

    /**
     * @param list<array<string, mixed>|string> $given
     *
     * @return list<array<string, mixed>>
     */
    private function whole(array $given, int $seenRevision): array
    {
        if (array_filter($given, is_string(...)) === []) {
            return array_values(array_filter($given, is_array(...)));
        }
        // Read before the rules are. Had they moved on in between, the revision under the lock would be another than
        // the one that was seen.
        $revision = LockedDraft::revision();
        $draft = RulebookVersion::query()->draft()->first();
        $there = IdentifiedRules::workedOn($draft);
        $whole = [];
        foreach ($given as $index => $rule) {
            $whole[] = is_array($rule)
                ? $rule
                : $there->find($rule) ??
                    throw $revision === $seenRevision
                        ? DocumentError::at(
                            "/rules/{$index}",
                            'There is no rule "{id}" that could stay as it is.',
                            id: $rule,
                        )
                        : DraftMovedOn::of($draft);
        }

        return $whole;
    }
}
