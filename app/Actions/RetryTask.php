<?php

declare(strict_types=1);

namespace App\Actions;

use App\Bridge\ChainRecorder;
use App\Bridge\ChainSurroundings;
use App\Bridge\Commit;
use App\Bridge\LockedInputs;
use App\Bridge\Routers;
use App\Bridge\SnapshotSource;
use App\Bridge\TaskSubjects;
use App\Models\Decision as DecisionRow;
use App\Models\HandoffCause;
use App\Models\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\Chain;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;

/**
 * Asks the rules on arrivals once more for a task that nobody could be found
 * for. What comes to the same as the time before is not recorded again.
 */
final readonly class RetryTask
{
    /** What a record says of who was asked, and what came of it. */
    private const TOLD = ['outcome' => true, 'decided_by' => true, 'attempts' => true, 'open_to' => true];

    public function __construct(
        private SnapshotSource $snapshots,
        private Routers $routers,
        private TaskSubjects $subjects,
        private ChainRecorder $recorder,
    ) {}

    public function __invoke(string $taskId): void
    {
        DB::transaction(function () use ($taskId): void {
            $inputs = LockedInputs::take();
            $task = Task::query()->with(TaskSubjects::RELATIONS)->unplaced()->lockForUpdate()->find($taskId);
            if ($task === null) {
                // Somebody has it by now.
                return;
            }
            $house = $this->snapshots->at($inputs->state);
            $router = $this->routers->at($inputs->state, $house);
            $subject = $this->subjects->of($task, $house, $inputs->state);
            $at = CarbonImmutable::now()->getTimestamp();
            $before = DecisionRow::query()->where('task_id', $task->id)->where('event', 'task_arrives')->orderBy('at')->orderBy('id')->get();
            $followed = array_values(array_unique(array_filter($before->pluck('rule')->all(), is_string(...))));
            $change = new ChangeSet("retry-{$task->id}-{$task->revision}", $at, $subject, $subject, $router->facts->of(null, $subject, $at), Cause::Retry, followed: $followed);
            $chain = (new Chain($router, new ChainSurroundings($inputs, $house, $this->subjects)))->run($change);
            $decision = $chain->links[0]->decision;
            if ($decision === null || self::comesToTheSame($decision, $before->last(), $inputs->state->versionId)) {
                return;
            }
            $this->recorder->record($chain, new Commit($house, $inputs, $at, Cause::Retry, 'retried', system: 'clock', handoff: HandoffCause::Rule), [$task->id => $task]);
        }, attempts: 3);
    }

    private static function comesToTheSame(Decision $decision, ?DecisionRow $before, ?string $versionId): bool
    {
        $told = static fn(mixed $record): string => (string) json_encode(is_array($record) ? array_intersect_key($record, self::TOLD) : null);

        return $before !== null && $before->rulebook_version_id === $versionId && $told(DecisionRecord::of($decision)) === $told($before->record);
    }
}
