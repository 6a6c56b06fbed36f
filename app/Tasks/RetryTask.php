<?php

declare(strict_types=1);

namespace App\Tasks;

use App\Bridge\ChangeRunner;
use App\Bridge\Houses;
use App\Bridge\Occasion;
use App\Bridge\TaskSubjects;
use App\Models\Tasks\Decision as DecisionRow;
use App\Models\Tasks\HandoffCause;
use App\Models\Tasks\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\OwnGiveFormat;
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

    public function __construct(private Houses $houses, private TaskSubjects $subjects, private ChangeRunner $runner) {}

    public function __invoke(string $taskId): void
    {
        DB::transaction(function () use ($taskId): void {
            $locked = $this->houses->lock();
            $task = Task::query()->with(TaskSubjects::RELATIONS)->unplaced()->lockForUpdate()->find($taskId);
            if ($task === null) {
                // Somebody has it by now.
                return;
            }
            $subject = $this->subjects->of($task, $locked->house);
            $at = CarbonImmutable::now()->getTimestamp();
            $before = DecisionRow::query()
                ->where('task_id', $task->id)
                ->where('event', 'task_arrives')
                ->orderBy('at')
                ->orderBy('id')
                ->get();
            $followed = array_values(array_unique(array_filter($before->pluck('rule')->all(), is_string(...))));
            $change = new ChangeSet(
                "retry-{$task->id}-{$task->revision}",
                $at,
                $subject,
                $subject,
                $locked->house->router()->facts->of(null, $subject, $at),
                Cause::Retry,
                followed: $followed,
                own: $task->own_give === null
                    ? null
                    : OwnGiveFormat::read(Node::root($task->own_give), $locked->house->snapshot->keptContext()),
            );
            $this->runner->run(
                $locked,
                new Occasion($at, Cause::Retry, 'retried', system: 'clock', handoff: HandoffCause::Rule),
                [$change],
                [$task->id => $task],
                unless: static fn(ChainResult $chain): bool => self::comesToTheSame(
                    $chain->links[0]->decision,
                    $before->last(),
                    $locked->house->state->versionId,
                ),
            );
        }, attempts: 3);
    }

    private static function comesToTheSame(?Decision $decision, ?DecisionRow $before, ?string $versionId): bool
    {
        $told = static fn(mixed $record): string => (string) json_encode(
            is_array($record) ? array_intersect_key($record, self::TOLD) : null,
        );

        return $decision === null ||
            ($before !== null &&
                $before->rulebook_version_id === $versionId &&
                $told(DecisionRecord::of($decision)) === $told($before->record));
    }
}
