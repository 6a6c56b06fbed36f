<?php

declare(strict_types=1);

namespace App\Levelling;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Models\Access\User;
use App\Models\Levelling\LevelledMove;
use App\Models\Levelling\Levelling;
use App\Models\Levelling\LevellingState;
use App\Models\Tasks\HandoffCause;
use App\Refusals\LevellingMovedOn;
use App\Tasks\PutBack;
use App\Tasks\Undoing;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Subject\Cause;

/** Takes a levelling back as one, where nothing of it was begun since, or is with somebody else by now. */
final readonly class UndoLevelling
{
    public function __construct(private Houses $houses, private PutBack $putBack) {}

    /** @throws LevellingMovedOn where it can't be taken back any more */
    public function __invoke(Levelling $levelling, User $by): void
    {
        DB::transaction(function () use ($levelling, $by): void {
            $locked = $this->houses->lock();
            $now = Levelling::query()->lockForUpdate()->findOrFail($levelling->id);
            if ($now->state !== LevellingState::Applied) {
                throw LevellingMovedOn::since();
            }
            $begun = self::begun($now);
            if ($begun > 0) {
                throw LevellingMovedOn::begun($begun);
            }
            $at = CarbonImmutable::now();
            ($this->putBack)(
                Undoing::read($now->undo),
                $locked,
                new Occasion(
                    $at->getTimestamp(),
                    Cause::Person,
                    'levelling_undone',
                    $by->id,
                    handoff: HandoffCause::Levelled,
                ),
                "levelling-undone-{$now->id}",
            );
            $now->update(['state' => LevellingState::Undone, 'undone_at' => $at]);
            Audit::record(Actor::user($by), 'house', 'levelling_undone', 'took a levelling back', $now);
        }, attempts: 3);
    }

    /** @return int how many of the tasks it moved were begun since, or are with somebody else */
    public static function begun(Levelling $levelling): int
    {
        return $levelling
            ->moves()
            ->where('came', LevelledMove::MOVED)
            ->whereDoesntHave(
                'task',
                static fn(Builder $task): Builder => $task
                    ->whereColumn('assignee_id', 'levelled_moves.to_id')
                    ->whereColumn('status', 'levelled_moves.was'),
            )
            ->count();
    }
}
