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

        self::change($task, self::changes($decision, $task) + ['assignee_id' => $assigneeId, 'revision' => $task->revision + 1]);

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

    /** @return array<string, mixed> what the effects make of the task, by column */
    private static function changes(Decision $decision, Task $task): array
    {
        $changes = [];
        $tags = $task->tags;
        foreach ($decision->effects as $effect) {
            match (true) {
                $effect instanceof DueSet => $changes['due_at'] = CarbonImmutable::createFromTimestampUTC($effect->dueAt),
                $effect instanceof PrioritySet => $changes['priority'] = $effect->priority,
                $effect instanceof TagAdded => $changes['tags'] = $tags = array_values(array_unique([...$tags, $effect->tag])),
                default => null,
            };
        }

        return $changes;
    }

    /**
     * Writes only what is known to have changed: to find that out, a model compares all its dates anew.
     *
     * @param array<string, mixed> $changes
     */
    private static function change(Task $task, array $changes): void
    {
        $task->forceFill($changes);
        DB::table('tasks')->where('id', $task->id)->update(array_intersect_key($task->getAttributes(), $changes) + ['updated_at' => CarbonImmutable::now()]);
        $task->syncOriginal();
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
