<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\AuditRecord;
use App\Refusals\DraftMovedOn;
use Illuminate\Support\Facades\DB;

/** Throws the draft away. */
final readonly class DiscardDraft
{
    /** @throws DraftMovedOn */
    public function __invoke(int $seenRevision, Actor $by): void
    {
        DB::transaction(static function () use ($seenRevision, $by): void {
            $locked = LockedDraft::take();
            $draft = $locked->existingAsSeenAt($seenRevision);
            // The rules go into the record, so that even a draft can be got back.
            Audit::record($by, AuditRecord::RULEBOOK, 'draft_discarded', 'discarded the draft of the rulebook', null, [
                'rules' => $draft->rules,
            ]);
            $draft->delete();
            $locked->moveOn();
        }, attempts: 3);
    }
}
