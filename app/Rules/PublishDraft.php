<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\AuditRecord;
use App\Models\Rules\RulebookVersion;
use App\Models\Rules\VersionState;
use App\Refusals\DraftMovedOn;
use App\Refusals\PlannedAlready;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;

/** Makes the draft the published version: at once, or when its time has come. */
final readonly class PublishDraft
{
    public function __construct(private Publishing $publishing) {}

    /**
     * @throws DocumentError where a rule is not right for the house
     * @throws DraftMovedOn
     */
    public function __invoke(int $seenRevision, ?string $note, Actor $by): RulebookVersion
    {
        return DB::transaction(function () use ($seenRevision, $note, $by): RulebookVersion {
            $locked = LockedDraft::take();
            $draft = $locked->existingAsSeenAt($seenRevision);
            $this->publishing->publish($draft, $note, $by);
            $locked->moveOn();

            return $draft;
        }, attempts: 3);
    }

    /**
     * The draft is put away until its time has come; another can be written meanwhile.
     *
     * @throws DocumentError where a rule is not right for the house
     * @throws DraftMovedOn
     * @throws PlannedAlready
     */
    public function at(CarbonImmutable $at, int $seenRevision, ?string $note, Actor $by): RulebookVersion
    {
        return DB::transaction(function () use ($at, $seenRevision, $note, $by): RulebookVersion {
            $locked = LockedDraft::take();
            $draft = $locked->existingAsSeenAt($seenRevision);
            if (RulebookVersion::query()->planned()->exists()) {
                throw PlannedAlready::another();
            }
            $this->publishing->settle($draft);
            $draft->state = VersionState::Planned;
            $draft->publish_at = $at;
            $draft->note = $note;
            $draft->saved_by = $by->user?->id;
            $draft->saved_by_system = $by->system;
            $draft->save();
            $locked->moveOn();
            Audit::record($by, AuditRecord::RULEBOOK, 'publishing_planned', 'planned to publish', $draft);

            return $draft;
        }, attempts: 3);
    }

    /**
     * What is planned is a draft again.
     *
     * @throws PlannedAlready where there is a draft beside it
     */
    public function takeBack(Actor $by): void
    {
        DB::transaction(static function () use ($by): void {
            $locked = LockedDraft::take();
            $planned = RulebookVersion::query()->planned()->lockForUpdate()->first();
            if ($planned === null) {
                return;
            }
            if ($locked->draft !== null) {
                throw PlannedAlready::draft();
            }
            $planned->state = VersionState::Draft;
            $planned->publish_at = null;
            $planned->fault = null;
            $planned->save();
            $locked->moveOn();
            Audit::record($by, AuditRecord::RULEBOOK, 'planned_taken_back', 'took back what was planned', $planned);
            DraftSaved::dispatch($planned->id, $locked->revision + 1);
        }, attempts: 3);
    }
}
