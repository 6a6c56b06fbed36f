<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Models\HandoffCause;
use App\Models\Task;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use OpenBaton\Core\Absence\Cover;
use OpenBaton\Core\Document\DecisionFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\DueSet;
use OpenBaton\Core\Routing\PrioritySet;
use OpenBaton\Core\Routing\TagAdded;

/** Writes a decision and all that follows from it, without detours: others wait for their turn. Called within the transaction that routes. */
final class DecisionRecorder
{
    public static function record(Decision $decision, Task $task, ?string $rulebookVersionId, Snapshot $snapshot): void
    {
        $at = CarbonImmutable::createFromTimestampUTC($decision->event->at);
        $assigneeId = $decision->assigneeId === null ? null : $snapshot->personIds[$decision->assigneeId];
        $document = DecisionFormat::write($decision);
        $id = strtolower((string) Str::ulid());
        DB::table('decisions')->insert([
            'id' => $id,
            'task_id' => $task->id,
            'event' => $decision->event->kind->value,
            'at' => $at,
            'rulebook_version_id' => $rulebookVersionId,
            'outcome' => $decision->outcome->value,
            'rule' => $decision->decidingRule()?->id,
            'assignee_id' => $assigneeId,
            'facts' => json_encode($document['facts'], JSON_THROW_ON_ERROR),
            'trace' => json_encode($document, JSON_THROW_ON_ERROR),
            'created_at' => CarbonImmutable::now(),
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
            self::handOff($decision, $task, $id, $assigneeId, $at, $snapshot);
        }
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

    private static function handOff(Decision $decision, Task $task, string $decisionId, string $assigneeId, CarbonImmutable $at, Snapshot $snapshot): void
    {
        $cover = self::coverOf($decision);
        $awayUntil = $cover?->steps[0]->awayUntil;
        DB::table('handoffs')->insert([
            'id' => strtolower((string) Str::ulid()),
            'task_id' => $task->id,
            'from_id' => null,
            'to_id' => $assigneeId,
            'cause' => HandoffCause::Rule->value,
            'decision_id' => $decisionId,
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
