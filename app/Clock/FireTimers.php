<?php

declare(strict_types=1);

namespace App\Clock;

use App\Access\Actor;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\HouseState;
use App\Bridge\NextMoments;
use App\Bridge\SubjectRows;
use App\Bridge\TaskSubjects;
use App\Cases\CaseEdit;
use App\Cases\EditCase;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Task;
use App\Models\Tasks\Timer;
use App\Refusals\TaskMovedOn;
use App\Tasks\Edit;
use App\Tasks\EditTask;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\CutReason;
use OpenBaton\Core\Flow\CaseAtHand;
use OpenBaton\Core\Rulebook\Event\Schedule;
use OpenBaton\Core\Subject\CaseSubject;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\SubjectKind;
use OpenBaton\Core\Subject\TaskSubject;
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
        private SubjectRows $subjects,
        private EditTask $edit,
        private EditCase $editCase,
        private MissedMoments $missed,
        private ReachMoment $reach,
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
                    $due = $next instanceof Timer ? $this->putDown($next, $house) : $this->onRow($next, $house, $now);
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
                self::tell($next, $due?->timer, $now);
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

    /** Where something has fallen due first: a row that is put down, a task, a case or a customer. */
    private static function next(CarbonImmutable $now, SkippedTimers $passed): Timer|Task|CustomerCase|Customer|null
    {
        $timer = Timer::query()
            ->whereNull('fired_at')
            ->where('due_at', '<=', $now)
            ->whereNotIn('key', $passed->keys())
            ->orderBy('due_at')
            ->orderBy('id')
            ->first();
        $row = null;
        foreach ([Task::query(), CustomerCase::query(), Customer::query()] as $query) {
            $first = $query
                ->where('next_moment_at', '<=', $now)
                ->whereNotIn('id', $passed->rows())
                ->orderBy('next_moment_at')
                ->orderBy('id')
                ->first(['id', 'next_moment_at']);
            $row = $row === null || $first?->next_moment_at < $row->next_moment_at ? $first ?? $row : $row;
        }

        return $timer === null || ($row !== null && $row->next_moment_at <= $timer->due_at) ? $row : $timer;
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
            return new Occurrence($locked->key, $rule, $locked->subjectId(), $at);
        }
        // It has failed before: the date may have moved since.
        $row = match (true) {
            $locked->case_id !== null => SubjectRows::case($locked->case_id),
            $locked->customer_id !== null => SubjectRows::customer($locked->customer_id),
            default => SubjectRows::task((string) $locked->task_id),
        };
        foreach ($row === null ? [] : $timers->due($this->subjects->subject($row, $house), $at - 1, $at) as $one) {
            if ($one->key === $locked->key) {
                return $one;
            }
        }
        $locked->delete();

        return null;
    }

    /** @return Occurrence|null null: nothing is left of what was due; the row then says when it goes on */
    private function onRow(Task|CustomerCase|Customer $found, HouseAt $house, CarbonImmutable $now): ?Occurrence
    {
        $row = SubjectRows::locked($found);
        if ($row?->next_moment_at === null || $row->next_moment_at > $now) {
            return null;
        }
        $timers = $house->timers();
        $subject = $this->subjects->subject($row, $house);
        $left = NextMoments::withoutRow(
            $timers->due($subject, $row->next_moment_at->getTimestamp() - 1, $now->getTimestamp()),
        );
        if ($left === []) {
            $row->next_moment_at = NextMoments::of(
                $timers,
                $subject,
                $row->next_moment_at,
                max($now->getTimestamp(), $house->state->tickedAt),
            );
            $row->saveQuietly();
        }

        return $left[0] ?? null;
    }

    private function fire(Occurrence $due, CarbonImmutable $now, ?Actor $by = null): void
    {
        Timer::query()->updateOrCreate(['key' => $due->key], ['fired_at' => $now] + Timer::columns($due));
        $by ??= Actor::system('clock');
        if ($due->timer !== null && !in_array($due->about(), SubjectKind::WORK, true)) {
            ($this->reach)($due, $due->timer, $now->getTimestamp());
        } elseif ($due->timer !== null && $due->about() === SubjectKind::Matter) {
            $kind = $due->timer->event::kind();
            $edit = new CaseEdit(
                $kind,
                static fn(CaseAtHand $hand): CaseSubject => $hand->case,
                happened: [new Trigger($kind, $due->timer->ruleId, $due->at)],
            );
            ($this->editCase)($due->subjectId, null, $edit, $by, Cause::Timer);
        } else {
            ($this->edit)($due->subjectId, null, self::edition($due), $by, Cause::Timer);
        }
    }

    private static function edition(Occurrence $due): Edit
    {
        if ($due->timer === null) {
            return new Edit('woke', static fn(TaskSubject $subject): TaskSubject => $subject->resumed());
        }
        $kind = $due->timer->event::kind();

        return new Edit(
            $kind,
            static fn(TaskSubject $subject): TaskSubject => $subject,
            happened: [new Trigger($kind, $due->timer->ruleId, $due->at)],
        );
    }

    /** Once until the lead has seen it. */
    private static function tell(Timer|Task|CustomerCase|Customer $of, ?RuleTimer $timer, CarbonImmutable $now): void
    {
        $about = match (true) {
            $of instanceof Task => ['task_id' => $of->id],
            $of instanceof CustomerCase => ['case_id' => $of->id],
            $of instanceof Customer => ['customer_id' => $of->id],
            default => $of->only(['task_id', 'case_id', 'customer_id']),
        };
        ChainCut::query()->firstOrCreate(
            [...$about, 'reason' => CutReason::Failed, 'seen_at' => null],
            [
                'at' => $now,
                'rules' => $timer === null ? [] : [$timer->ruleId],
                'rulebook_version_id' => HouseState::read()->versionId,
            ],
        );
    }
}
