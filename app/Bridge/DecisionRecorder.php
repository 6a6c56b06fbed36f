<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Intake\ReadyToRoute;
use App\Models\Decision as DecisionRow;
use App\Models\Handoff;
use App\Models\HandoffCause;
use App\Models\Task;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Routing\Decision;

/** Writes a task that arrived as the decision leaves it, the decision, and the handoff. */
final class DecisionRecorder
{
    public static function record(Decision $decision, ReadyToRoute $ready, LockedInputs $inputs): Task
    {
        $house = $ready->house;
        $subject = $decision->subjectAfter();
        $holderId = $subject->holderId === null ? null : $house->personIds[$subject->holderId];
        $task = $ready->arrival->task($ready->task, $subject, $holderId);
        $task->saveNumbered();

        $row = new DecisionRow([
            'task_id' => $task->id,
            'event' => $ready->event,
            'at' => $task->arrived_at,
            'user_id' => $ready->arrival->byUserId,
            'rulebook_version_id' => $inputs->state->versionId,
            'outcome' => $decision->outcome,
            'rule' => $decision->decidingRule()?->id,
            'assignee_id' => $holderId,
            'facts' => DecisionFormat::facts($decision->change->facts, $decision->rulebook->rulebook->fields),
            'record' => DecisionRecord::of($decision),
        ]);
        $row->save();
        if ($subject->openTo !== []) {
            $task->claimants()->attach(array_map(static fn(string $slug): string => $house->personIds[$slug], $subject->openTo));
        }
        if ($holderId !== null) {
            self::handoff($decision, $row, $holderId, $house)->save();
        }

        return $task;
    }

    private static function handoff(Decision $decision, DecisionRow $row, string $holderId, Snapshot $house): Handoff
    {
        $cover = $decision->standIn();
        $until = $cover?->steps[0]->awayUntil;

        return new Handoff([
            'task_id' => $row->task_id,
            'to_id' => $holderId,
            'cause' => HandoffCause::Rule,
            'decision_id' => $row->id,
            'for_id' => $cover === null ? null : $house->personIds[$cover->namedId],
            'away_until' => $until === null ? null : CarbonImmutable::createFromTimestampUTC($until),
            'at' => $row->at,
        ]);
    }
}
