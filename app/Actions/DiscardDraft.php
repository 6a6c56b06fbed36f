<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Throws the draft away. */
final readonly class DiscardDraft
{
    /** @throws DraftMovedOn */
    public function __invoke(int $seenRevision, User $by): void
    {
        DB::transaction(static function () use ($seenRevision, $by): void {
            $turn = DraftInTurn::take();
            $draft = $turn->existingAsSeenAt($seenRevision);
            // The rules go into the record, so that even a draft can be got back.
            activity('rulebook')->causedBy($by)->event('draft_discarded')->withProperties(['rules' => $draft->rules])->log('discarded the draft of the rulebook');
            $draft->delete();
            $turn->moveOn();
        }, attempts: 3);
    }
}
