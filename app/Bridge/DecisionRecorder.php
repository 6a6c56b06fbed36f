<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\Decision as DecisionRow;
use App\Models\Handoff;
use App\Models\HandoffCause;
use App\Models\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\DueSet;
use OpenBaton\Core\Routing\PrioritySet;
use OpenBaton\Core\Routing\TagAdded;

/** Writes a decision and all that follows from it. Called within the transaction that routes. */
final class DecisionRecorder
{
    public static function record(Decision $decision, Task $task, ?string $rulebookVersionId, Snapshot $snapshot): DecisionRow
    {
        $at = CarbonImmutable::createFromTimestampUTC($decision->event->at);
        $assigneeId = $decision->assigneeId === null ? null : $snapshot->personIds[$decision->assigneeId];
        $document = DecisionFormat::write($decision);

        $row = DecisionRow::query()->create([
            'task_id' => $task->id,
            'event' => $decision->event->kind->value,
            'at' => $at,
            'rulebook_version_id' => $rulebookVersionId,
            'outcome' => $decision->outcome,
            'rule' => $decision->decidingRule()?->id,
            'assignee_id' => $assigneeId,
            'facts' => $document['facts'],
            'trace' => $document,
        ]);

        self::applyEffects($decision, $task);
        $task->assignee_id = $assigneeId;
        ++$task->revision;
        $task->save();

        if ($decision->openTo !== []) {
            DB::table('task_claimants')->insert(array_map(
                static fn(string $slug): array => ['task_id' => $task->id, 'person_id' => $snapshot->personIds[$slug]],
                $decision->openTo,
            ));
        }
        if ($assigneeId !== null) {
            self::handOff($decision, $task, $row, $assigneeId, $at, $snapshot);
        }

        return $row;
    }

    private static function applyEffects(Decision $decision, Task $task): void
    {
        foreach ($decision->effects as $effect) {
            match (true) {
                $effect instanceof DueSet => $task->due_at = CarbonImmutable::createFromTimestampUTC($effect->dueAt),
                $effect instanceof PrioritySet => $task->priority = $effect->priority,
                $effect instanceof TagAdded => $task->tags = array_values(array_unique([...$task->tags, $effect->tag])),
                default => null,
            };
        }
    }

    private static function handOff(Decision $decision, Task $task, DecisionRow $row, string $assigneeId, CarbonImmutable $at, Snapshot $snapshot): void
    {
        $cover = self::coverOf($decision);
        $awayUntil = $cover?->steps[0]->awayUntil;
        Handoff::query()->create([
            'task_id' => $task->id,
            'from_id' => null,
            'to_id' => $assigneeId,
            'cause' => HandoffCause::Rule,
            'decision_id' => $row->id,
            'for_id' => $cover === null ? null : $snapshot->personIds[$cover->namedId],
            'away_until' => $awayUntil === null ? null : CarbonImmutable::createFromTimestampUTC($awayUntil),
            'at' => $at,
        ]);
        // Not through the model: who was last given something is no change of the roster.
        DB::table('people')->where('id', $assigneeId)->update(['last_assigned_at' => $at]);
    }

    /** Who stands in for whom, where somebody does. */
    private static function coverOf(Decision $decision): ?Cover
    {
        $attempt = $decision->decidedBy === null ? null : $decision->attempts[$decision->decidedBy];
        $cover = $attempt->cover ?? $attempt?->settlement?->cover;

        return $cover?->isSubstitute() === true ? $cover : null;
    }
}
