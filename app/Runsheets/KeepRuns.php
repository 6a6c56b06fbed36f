<?php

declare(strict_types=1);

namespace App\Runsheets;

use App\DomainEvents\ApprovalOver;
use App\DomainEvents\EventConsumer;
use App\DomainEvents\RunWanted;
use App\DomainEvents\SubjectChanged;
use App\DomainEvents\TaskChanged;
use App\DomainEvents\WorkEnded;
use App\Models\Runsheets\Run;
use App\Models\Runsheets\RunBlock;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Flow\Run\StepState;
use Throwable;

/**
 * Has runs go on that begin, whose steps' work is over, whose subject has changed, or for which a moment has come. What
 * happens only marks them; each goes on in a transaction of its own, and one that fails is tried again by the next
 * tick.
 */
final readonly class KeepRuns implements EventConsumer
{
    private const MOST = 500;

    public function __construct(private GoOn $goOn, private BeginRun $begin) {}

    public static function name(): string
    {
        return 'runs';
    }

    public static function kinds(): array
    {
        return [RunWanted::class, WorkEnded::class, ApprovalOver::class, TaskChanged::class, SubjectChanged::class];
    }

    public function consume(array $events): void
    {
        $tasks = $cases = $begun = [];
        foreach ($events as $one) {
            if ($one->event instanceof RunWanted) {
                $run = $this->begin->byRule($one->event->runsheet, $one->about, $one->event->rule);
                $begun += $run === null ? [] : [$run->id => true];
            }
            $tasks[(string) $one->about->taskId] = true;
            $cases[(string) $one->about->caseId] = true;
        }
        $taskIds = array_filter(array_map(strval(...), array_keys($tasks)));
        $caseIds = array_filter(array_map(strval(...), array_keys($cases)));
        Run::query()
            ->running()
            ->where(
                static fn(Builder $any): Builder => $any
                    ->whereKey(array_map(strval(...), array_keys($begun)))
                    ->orWhereIn('task_id', $taskIds)
                    ->orWhereIn('case_id', $caseIds)
                    ->orWhereIn(
                        'id',
                        RunBlock::query()
                            ->where('state', StepState::Open)
                            ->where(
                                static fn(Builder $either): Builder => $either
                                    ->whereIn('task_id', $taskIds)
                                    ->orWhereIn(
                                        'approval_id',
                                        Task::query()
                                            ->whereKey($taskIds)
                                            ->whereNotNull('approval_id')
                                            ->select('approval_id'),
                                    ),
                            )
                            ->select('run_id'),
                    ),
            )
            ->update(['wakes_at' => CarbonImmutable::now()]);
        DB::afterCommit(fn() => $this(CarbonImmutable::now()));
    }

    /** Those for which a moment has come. */
    public function __invoke(CarbonImmutable $now): void
    {
        $due = Run::query()->running()->where('wakes_at', '<=', $now)->orderBy('wakes_at')->orderBy('id');
        foreach ($due->limit(self::MOST)->get(['id']) as $run) {
            try {
                ($this->goOn)($run->id);
            } catch (Throwable $error) {
                // One that fails does not stop the others.
                report($error);
            }
        }
    }
}
