<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\RulebookReader;
use App\Bridge\SnapshotSource;
use App\Models\Access\AuditRecord;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Refusals\DraftMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\RulebookFormat;
use OpenBaton\Core\Rulebook\Rulebook;
use OpenBaton\Core\Timer\RuleTimers;

/** Makes the draft the published version, in the form that documents have; the one that was becomes an earlier one. */
final readonly class PublishDraft
{
    public function __construct(private SnapshotSource $snapshots, private RulebookReader $rulebooks) {}

    /**
     * @throws DocumentError where a rule is not right for the house
     * @throws DraftMovedOn
     */
    public function __invoke(int $seenRevision, ?string $note, Actor $by): RulebookVersion
    {
        return DB::transaction(function () use ($seenRevision, $note, $by): RulebookVersion {
            $locked = LockedDraft::take();
            $draft = $locked->existingAsSeenAt($seenRevision);
            $rulebook = $this->rulebooks->check($draft->rules, $this->snapshots->current());

            $published = RulebookVersion::query()->published()->first();
            if ($published !== null) {
                $published->state = VersionState::Earlier;
                $published->save();
            }
            $draft->state = VersionState::Published;
            $draft->rules = RulebookFormat::writeRules($rulebook);
            $draft->fields = RulebookFormat::writeCatalogue($rulebook->fields);
            $draft->number = ($published->number ?? 0) + 1;
            $draft->note = $note;
            $draft->published_at = $now = CarbonImmutable::now();
            $draft->timers = self::timersSince($rulebook, $published?->timersSince() ?? [], $now->getTimestamp());
            $draft->saved_by = $by->user?->id;
            $draft->saved_by_system = $by->system;
            $draft->save();
            $locked->moveOn();
            Audit::record(
                $by,
                AuditRecord::RULEBOOK,
                'published',
                "published version {$draft->number} of the rulebook",
                $draft,
                ['number' => $draft->number],
            );
            RulebookPublished::dispatch($draft->id, $now->getTimestamp());

            return $draft;
        }, attempts: 3);
    }

    /**
     * A timer that was published before keeps its moment, whatever else changed in its rule.
     *
     * @param array<string, int> $before
     *
     * @return array<string, int> instant by id of the timer
     */
    private static function timersSince(Rulebook $rulebook, array $before, int $now): array
    {
        $since = [];
        foreach (array_keys(RuleTimers::of($rulebook)->all) as $id) {
            $since[$id] = $before[$id] ?? $now;
        }

        return $since;
    }
}
