<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\RulebookReader;
use App\Bridge\Turn;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Throws the draft away. */
final readonly class DiscardDraft
{
    public function __construct(private RulebookReader $rulebooks) {}

    /** @throws DraftMovedOn */
    public function __invoke(int $seenRevision, User $by): void
    {
        DB::transaction(function () use ($seenRevision, $by): void {
            Turn::take();
            $draft = $this->rulebooks->lockDraft();
            if ($draft === null || $draft->revision !== $seenRevision) {
                throw DraftMovedOn::of($draft);
            }
            // The rules go into the record, so that even a draft can be got back.
            activity('rulebook')->causedBy($by)->event('draft_discarded')->withProperties(['rules' => $draft->rules])->log('discarded the draft of the rulebook');
            $draft->delete();
        }, attempts: 3);
    }
}
