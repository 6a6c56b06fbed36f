<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Models\RulebookVersion;
use App\Models\User;
use App\Models\VersionState;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;

/** Makes the draft the published version; the one that was becomes an earlier one. */
final readonly class PublishDraft
{
    public function __construct(private SnapshotSource $snapshots, private RulebookReader $rulebooks) {}

    /**
     * @throws DocumentError where a rule is no longer right for the house
     * @throws DraftMovedOn
     */
    public function __invoke(int $seenRevision, ?string $note, User $by): RulebookVersion
    {
        return DB::transaction(function () use ($seenRevision, $note, $by): RulebookVersion {
            $turn = DraftInTurn::take();
            $published = $this->rulebooks->published();
            $draft = $turn->existingAsSeenAt($seenRevision);
            $this->rulebooks->check($draft->rules, $this->snapshots->current());

            if ($published !== null) {
                $published->state = VersionState::Earlier;
                $published->save();
            }
            $draft->state = VersionState::Published;
            $draft->number = (RulebookVersion::query()->whereNotNull('number')->orderByDesc('number')->first()->number ?? 0) + 1;
            $draft->note = $note;
            $draft->published_at = CarbonImmutable::now();
            $draft->saved_by = $by->id;
            $draft->save();
            $turn->moveOn();
            activity('rulebook')->performedOn($draft)->causedBy($by)->event('published')
                ->withProperties(['number' => $draft->number])->log("published version {$draft->number} of the rulebook");

            return $draft;
        }, attempts: 3);
    }
}
