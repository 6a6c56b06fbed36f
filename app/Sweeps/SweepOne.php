<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Bridge\ChangeRunner;
use App\Bridge\HouseAt;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Models\Sweeps\SweepRun;
use App\Models\Sweeps\SweptState;
use App\Models\Sweeps\SweptTask;
use App\Models\Tasks\Task;
use App\Refusals\SweepMovedOn;
use App\Tasks\Undoing;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Sweep\Swept;
use OpenBaton\Core\Sweep\SweptState as ComesTo;
use OpenBaton\Core\Sweep\Treatment;

/**
 * Carries a sweep out on one task, as it is by now: in a transaction of its own that marks it, so that it is done once,
 * whoever else works at it. Where there is nothing to do any more nothing has happened.
 */
final class SweepOne
{
    private ?HouseAt $house = null;
    private ?Treatment $treatment = null;

    public function __construct(
        private readonly Houses $houses,
        private readonly TaskSubjects $subjects,
        private readonly ChangeRunner $runner,
    ) {}

    /**
     * @param SweptTask $foreseen perhaps with its task and that one's RELATIONS, read before the lock
     *
     * @throws SweepMovedOn where other rules are in force than when it was looked at
     */
    public function __invoke(SweepRun $run, SweptTask $foreseen): void
    {
        if ($this->house === null) {
            // Nothing is read or compiled under the lock that can be before.
            $this->treatment($run, $this->houses->now());
        }
        DB::transaction(function () use ($run, $foreseen): void {
            $locked = $this->houses->lock($this->house);
            $row = SweptTask::query()
                ->where('sweep_run_id', $run->id)
                ->where('place', $foreseen->place)
                ->lockForUpdate()
                ->firstOrFail();
            if ($row->state !== SweptState::Foreseen) {
                return;
            }
            $treatment = $this->treatment($run, $locked->house);
            $task = self::locked($foreseen);
            $at = CarbonImmutable::now()->getTimestamp();
            $change =
                $task === null
                    ? null
                    : $treatment->of($this->subjects->of($task, $locked->house), "sweep-{$run->id}-{$task->id}", $at);
            if ($task === null || $change === null) {
                $row->put(SweptState::Passed, ['otherwise' => true]);

                return;
            }
            $chain = $this->runner->run(
                $locked,
                new Occasion(
                    $at,
                    Cause::Person,
                    $run->rule_id === null ? 'swept' : 'applied',
                    $run->user_id,
                    reason: $run->name,
                ),
                [$change],
                [$task->id => $task],
                unless: static fn(ChainResult $chain): bool => Swept::of($change, $chain)->state !== ComesTo::Changes,
            );
            $swept = Swept::of($change, $chain);
            $came = SweptRow::of($swept, $locked->house->snapshot->catalogue);
            $changed = $swept->state === ComesTo::Changes;
            $row->put(
                $changed ? SweptState::Carried : SweptState::Passed,
                $came + [
                    'otherwise' => self::other($row, $came),
                    'undo' => $changed ? Undoing::of($chain) : null,
                ],
            );
        }, attempts: 3);
    }

    /** The task as it is by now; what was read of it before the lock is right where it has not changed since. */
    private static function locked(SweptTask $foreseen): ?Task
    {
        $task = Task::query()->lockForUpdate()->find($foreseen->task_id);
        $ready = $foreseen->relationLoaded('task') ? $foreseen->task : null;

        return $task !== null && $ready?->revision === $task->revision
            ? $task->setRelations($ready->getRelations())
            : $task?->load(TaskSubjects::RELATIONS);
    }

    /** @throws SweepMovedOn */
    private function treatment(SweepRun $run, HouseAt $house): Treatment
    {
        if ($run->rulebook_version_id !== $house->state->versionId) {
            throw SweepMovedOn::otherRules();
        }
        if ($this->treatment === null || $this->house?->state->decidesLike($house->state) !== true) {
            $this->treatment = SweepTreatments::of($run, $house) ?? throw SweepMovedOn::since();
        }
        $this->house = $house;

        return $this->treatment;
    }

    /** @param array<string, mixed> $came */
    private static function other(SweptTask $foreseen, array $came): bool
    {
        $plain = static fn(mixed $value): string => json_encode((array) $value, JSON_THROW_ON_ERROR);

        return $foreseen->comes_to->value !== $came['comes_to'] ||
            $plain($foreseen->difference) !== $plain($came['difference']);
    }
}
