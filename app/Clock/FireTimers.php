<?php

declare(strict_types=1);

namespace App\Clock;

use App\Actions\Actor;
use App\Actions\Edit;
use App\Actions\EditTask;
use App\Bridge\HouseState;
use App\Bridge\Routers;
use App\Bridge\SnapshotSource;
use App\Models\ChainCut;
use App\Models\Timer;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Timer\RuleTimer;
use Throwable;

/**
 * Lets happen what has fallen due, in order of time, each in a transaction of
 * its own that marks it: it happens once, whoever looks and however often, and
 * a crash leaves it either done or still to be done.
 */
final readonly class FireTimers
{
    public function __construct(private SnapshotSource $snapshots, private Routers $routers, private EditTask $edit) {}

    /** @return int how many have happened */
    public function __invoke(CarbonImmutable $now): int
    {
        $fired = 0;
        $passedOver = [];
        while (($next = $this->next($now, $passedOver)) !== null) {
            try {
                $fired += $this->fire($next, $now) ? 1 : 0;
            } catch (Throwable $error) {
                // One that fails does not stop the others.
                report($error);
                $passedOver[] = $next->id;
                $this->tell($next, $now);
            }
        }

        return $fired;
    }

    /** @param list<int> $passedOver */
    private function next(CarbonImmutable $now, array $passedOver): ?Timer
    {
        return Timer::query()->whereNull('fired_at')->where('due_at', '<=', $now)->whereNotIn('id', $passedOver)->orderBy('due_at')->orderBy('id')->first();
    }

    private function fire(Timer $timer, CarbonImmutable $now): bool
    {
        return DB::transaction(function () use ($timer, $now): bool {
            $state = HouseState::lock();
            $locked = Timer::query()->lockForUpdate()->find($timer->id);
            // Another worker was there first, or the date has moved.
            if ($locked === null || $locked->fired_at !== null) {
                return false;
            }
            $rule = $locked->timer === null ? null : $this->ruleTimer($locked->timer, $state);
            if ($locked->timer !== null && $rule === null) {
                // Its rule has no such timer any more.
                $locked->delete();

                return false;
            }
            $locked->update(['fired_at' => $now]);
            ($this->edit)($locked->task_id, null, $this->edition($rule, $locked->due_at->getTimestamp()), Actor::system('clock'), Cause::Timer);

            return true;
        }, attempts: 3);
    }

    private function edition(?RuleTimer $timer, int $due): Edit
    {
        return $timer === null
            ? new Edit('woke', static fn(Subject $subject): Subject => $subject->resumed())
            : new Edit($timer->event::kind(), static fn(Subject $subject): Subject => $subject, trigger: new Trigger($timer->event::kind(), $timer->ruleId, $due));
    }

    private function ruleTimer(string $id, HouseState $state): ?RuleTimer
    {
        return $this->routers->timers($state, $this->snapshots->at($state))->named($id);
    }

    /** Once until the lead has seen it. */
    private function tell(Timer $timer, CarbonImmutable $now): void
    {
        $state = HouseState::read();
        $rule = $timer->timer === null ? null : $this->ruleTimer($timer->timer, $state);
        ChainCut::query()->firstOrCreate(
            ['task_id' => $timer->task_id, 'reason' => CutReason::Failed, 'seen_at' => null],
            ['at' => $now, 'rules' => $rule === null ? [] : [$rule->ruleId], 'rulebook_version_id' => $state->versionId],
        );
    }
}
