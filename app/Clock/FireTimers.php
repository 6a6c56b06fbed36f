<?php

declare(strict_types=1);

namespace App\Clock;

use App\Access\Actor;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\HouseState;
use App\Bridge\NextMoments;
use App\Bridge\TaskSubjects;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use App\Refusals\TaskMovedOn;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\Trigger;
use OpenBaton\Core\Timer\Occurrence;
use OpenBaton\Core\Timer\RuleTimer;
use Throwable;

/**
 * Lets happen what has fallen due, in order of time, each in a transaction of
 * its own that marks it by its key: it happens once, whoever looks and however
 * often, and a crash leaves it either done or still to be done.
 */
final readonly class FireTimers
{
    public function __construct(
        private Houses $houses,
        private TaskSubjects $subjects,
        private EditTask $edit,
        private MissedMoments $missed,
    ) {}

    /** @return int how many have happened */
    public function __invoke(CarbonImmutable $now): int
    {
        $fired = 0;
        $passed = new SkippedTimers();
        while (($next = self::next($now, $passed)) !== null) {
            $due = null;
            try {
                $fired += DB::transaction(function () use ($next, $now, &$due): int {
                    $house = $this->houses->lock()->house;
                    $due = $next instanceof Timer ? $this->putDown($next, $house) : $this->onTask($next, $house, $now);
                    if ($due !== null) {
                        $this->fire($due, $now);
                    }

                    return $due === null ? 0 : 1;
                }, attempts: 3);
            } catch (Throwable $error) {
                // One that fails does not stop the others, and is put down to be tried again.
                report($error);
                $due === null || Timer::query()->insertOrIgnore(Timer::columns($due));
                $passed->over($due, $next);
                self::tell($next instanceof Timer ? $next->task_id : $next->id, $due?->timer, $now);
            }
        }

        return $fired;
    }

    /**
     * Lets a moment happen that was past already when its date was set.
     *
     * @throws TaskMovedOn where there is none of that timer, or it has happened meanwhile
     */
    public function catchUp(Task $task, string $timerId, Actor $by): void
    {
        DB::transaction(function () use ($task, $timerId, $by): void {
            $house = $this->houses->lock()->house;
            $locked = Task::query()
                ->with([...TaskSubjects::RELATIONS, 'assignee'])
                ->lockForUpdate()
                ->findOrFail($task->id);
            foreach ($this->missed->of([$locked], $house) as $due) {
                if ($due->timer?->id === $timerId) {
                    $this->fire($due, CarbonImmutable::now(), $by);

                    return;
                }
            }
            throw TaskMovedOn::since($locked);
        }, attempts: 3);
    }

    /** Where something has fallen due first: a row that is put down, or a task. */
    private static function next(CarbonImmutable $now, SkippedTimers $passed): Timer|Task|null
    {
        $timer = Timer::query()
            ->whereNull('fired_at')
            ->where('due_at', '<=', $now)
            ->whereNotIn('key', $passed->keys())
            ->orderBy('due_at')
            ->orderBy('id')
            ->first();
        $task = Task::query()
            ->where('next_moment_at', '<=', $now)
            ->whereNotIn('id', $passed->tasks())
            ->orderBy('next_moment_at')
            ->orderBy('id')
            ->first(['id', 'next_moment_at']);

        return $timer === null || ($task !== null && $task->next_moment_at <= $timer->due_at) ? $task : $timer;
    }

    /** @return Occurrence|null null: another worker was there first, or it is not to happen any more */
    private function putDown(Timer $timer, HouseAt $house): ?Occurrence
    {
        $locked = Timer::query()->lockForUpdate()->find($timer->id);
        if ($locked === null || $locked->fired_at !== null) {
            return null;
        }
        $at = $locked->due_at->getTimestamp();
        $timers = $house->timers();
        $rule = $timers->rules->all[(string) $locked->timer] ?? null;
        if ($rule?->event instanceof Schedule) {
            return new Occurrence($locked->key, $rule, $locked->task_id, $at);
        }
        // It has failed before: the date may have moved since.
        $task = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->find($locked->task_id);
        foreach ($task === null ? [] : $timers->due($this->subjects->of($task, $house), $at - 1, $at) as $one) {
            if ($one->key === $locked->key) {
                return $one;
            }
        }
        $locked->delete();

        return null;
    }

    /** @return Occurrence|null null: nothing is left of what was due; the task then says when it goes on */
    private function onTask(Task $found, HouseAt $house, CarbonImmutable $now): ?Occurrence
    {
        $task = Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->find($found->id);
        if ($task?->next_moment_at === null || $task->next_moment_at > $now) {
            return null;
        }
        $timers = $house->timers();
        $subject = $this->subjects->of($task, $house);
        $left = NextMoments::withoutRow(
            $timers->due($subject, $task->next_moment_at->getTimestamp() - 1, $now->getTimestamp()),
        );
        if ($left === []) {
            $task->next_moment_at = NextMoments::of(
                $timers,
                $subject,
                $task,
                max($now->getTimestamp(), $house->state->tickedAt),
            );
            $task->saveQuietly();
        }

        return $left[0] ?? null;
    }

    private function fire(Occurrence $due, CarbonImmutable $now, ?Actor $by = null): void
    {
        Timer::query()->updateOrCreate(['key' => $due->key], ['fired_at' => $now] + Timer::columns($due));
        ($this->edit)($due->taskId, null, self::edition($due), $by ?? Actor::system('clock'), Cause::Timer);
    }

    private static function edition(Occurrence $due): Edit
    {
        if ($due->timer === null) {
            return new Edit('woke', static fn(Subject $subject): Subject => $subject->resumed());
        }
        $kind = $due->timer->event::kind();

        return new Edit(
            $kind,
            static fn(Subject $subject): Subject => $subject,
            happened: [new Trigger($kind, $due->timer->ruleId, $due->at)],
        );
    }

    /** Once until the lead has seen it. */
    private static function tell(string $taskId, ?RuleTimer $timer, CarbonImmutable $now): void
    {
        ChainCut::query()->firstOrCreate(
            ['task_id' => $taskId, 'reason' => CutReason::Failed, 'seen_at' => null],
            [
                'at' => $now,
                'rules' => $timer === null ? [] : [$timer->ruleId],
                'rulebook_version_id' => HouseState::read()->versionId,
            ],
        );
    }
}
