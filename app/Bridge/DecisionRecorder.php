<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Id;
use App\Database\Stamp;
use App\Database\Writes;
use App\Intake\IncomingTask;
use App\Intake\ReadyToRoute;
use App\Models\HandoffCause;
use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Routing\Decision;

/** Writes a decision and all that follows from it. */
final class DecisionRecorder
{
    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;

    /** @param IncomingTask $task as the decision leaves it */
    public static function record(Decision $decision, IncomingTask $task, ReadyToRoute $ready, Writes $writes): void
    {
        $snapshot = $ready->house;
        $at = Stamp::of($ready->arrival->at);
        $assigneeId = $decision->assigneeId === null ? null : $snapshot->personIds[$decision->assigneeId];
        $writes->insert('tasks', [$ready->arrival->row($task, $assigneeId)]);
        $document = DecisionFormat::write($decision);
        $id = Id::next();
        $writes->insert('decisions', [[
            'id' => $id,
            'task_id' => $ready->arrival->taskId,
            'event' => $decision->event->kind->value,
            'at' => $at,
            'user_id' => $ready->arrival->byUserId,
            'rulebook_version_id' => $ready->turn->versionId,
            'outcome' => $decision->outcome->value,
            'rule' => $decision->decidingRule()?->id,
            'assignee_id' => $assigneeId,
            'facts' => json_encode($document['facts'], self::JSON),
            'trace' => json_encode($document, self::JSON),
            'created_at' => $at,
        ]]);
        if ($decision->openTo !== []) {
            $writes->insert('task_claimants', array_map(
                static fn(string $slug): array => ['task_id' => $ready->arrival->taskId, 'person_id' => $snapshot->personIds[$slug]],
                $decision->openTo,
            ));
        }
        if ($assigneeId !== null) {
            $writes->insert('handoffs', [self::handoff($decision, $id, $assigneeId, $at, $snapshot)]);
        }
    }

    /** @return array<string, mixed> by column */
    private static function handoff(Decision $decision, string $decisionId, string $assigneeId, string $at, Snapshot $snapshot): array
    {
        $cover = self::coverOf($decision);

        return [
            'id' => Id::next(),
            'task_id' => $decision->event->taskId,
            'from_id' => null,
            'to_id' => $assigneeId,
            'cause' => HandoffCause::Rule->value,
            'decision_id' => $decisionId,
            'for_id' => $cover === null ? null : $snapshot->personIds[$cover->namedId],
            'away_until' => Stamp::orNull($cover?->steps[0]->awayUntil),
            'at' => $at,
        ];
    }

    /** Who stands in for whom, where somebody does. */
    private static function coverOf(Decision $decision): ?Cover
    {
        $attempt = $decision->decidedBy === null ? null : $decision->attempts[$decision->decidedBy];
        $cover = $attempt->cover ?? $attempt?->settlement?->cover;

        return $cover?->isSubstitute() === true ? $cover : null;
    }
}
