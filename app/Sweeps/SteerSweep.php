<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\AuditRecord;
use App\Models\Access\User;
use App\Models\Rules\RulebookVersion;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweepState;
use App\Models\Sweeps\SweptState;
use App\Refusals\SweepMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Begins a sweep, has it carried out, stops it, takes it back; each is done in the background. */
final class SteerSweep
{
    public function look(SweepOrder $order): SweepRun
    {
        $run = SweepRun::query()->create(
            $order->columns() + ['state' => SweepState::Looking, 'begun_at' => CarbonImmutable::now()],
        );
        LookAtSweep::dispatch($run->id);

        return $run;
    }

    /** @throws SweepMovedOn where it is not ready for it, or other rules are in force than when it was looked at */
    public function carryOut(SweepRun $run, User $by): void
    {
        if ($run->rulebook_version_id !== RulebookVersion::query()->published()->value('id')) {
            throw SweepMovedOn::otherRules();
        }
        // What was stopped while it was looked at is looked at anew.
        if ($run->state === SweepState::Stopped && $run->carried_at === null) {
            throw SweepMovedOn::since();
        }
        $this->go($run, [SweepState::Looked, SweepState::Stopped], SweepState::Carrying, 'sweep_carried', $by, [
            'carried_at' => $run->carried_at ?? CarbonImmutable::now(),
            'ended_at' => null,
            'why' => null,
        ]);
        CarryOutSweep::dispatch($run->id);
    }

    /** What has come to its end meanwhile is not stopped. */
    public function stop(SweepRun $run, User $by): void
    {
        if ($run->state === SweepState::Looking) {
            $run->stops(SweepState::Looking);
        } elseif ($run->state->isUnderWay()) {
            $this->go($run, [$run->state], SweepState::Stopped, 'sweep_stopped', $by, [
                'ended_at' => CarbonImmutable::now(),
            ]);
        }
    }

    /** @throws SweepMovedOn where nothing of it has been carried out, or it is taken back already */
    public function undo(SweepRun $run, User $by): void
    {
        if ($run->carried_at === null) {
            throw SweepMovedOn::since();
        }
        $this->go($run, [SweepState::Done, SweepState::Stopped], SweepState::Undoing, 'sweep_undone', $by, [
            'ended_at' => null,
        ]);
        UndoSweep::dispatch($run->id, $by->id);
    }

    /**
     * Takes tasks out of what is carried out, or back in.
     *
     * @param list<int>|null $places null: all of them
     *
     * @throws SweepMovedOn where it is being carried out, or has been
     */
    public function choose(SweepRun $run, ?array $places, bool $in): void
    {
        if (!in_array($run->state, [SweepState::Looked, SweepState::Stopped], true)) {
            throw SweepMovedOn::since();
        }
        $tasks = $run->tasks()->where('state', $in ? SweptState::LeftOut : SweptState::Foreseen);
        if ($places !== null) {
            $tasks->whereIn('place', $places);
        }
        $tasks->update(['state' => $in ? SweptState::Foreseen : SweptState::LeftOut]);
    }

    /**
     * @param list<SweepState>     $from
     * @param array<string, mixed> $with
     *
     * @throws SweepMovedOn
     */
    private function go(SweepRun $run, array $from, SweepState $to, string $event, User $by, array $with): void
    {
        DB::transaction(static function () use ($run, $from, $to, $event, $by, $with): void {
            $now = $run->state;
            if (!in_array($now, $from, true) || !$run->goes($now, $to, $with)) {
                throw SweepMovedOn::since();
            }
            Audit::record(Actor::user($by), AuditRecord::RULEBOOK, $event, "{$to->value}: {$run->name}", $run);
        }, attempts: 3);
    }
}
