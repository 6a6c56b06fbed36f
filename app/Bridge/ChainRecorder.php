<?php

declare(strict_types=1);

namespace App\Bridge;

use App\DomainEvents\EventLog;
use App\Models\Cases\CustomerCase;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Decision as DecisionRow;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Turn;
use OpenBaton\Core\Rulebook\Event\CaseOpens;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Difference;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Writes all that came of a chain, within the transaction that it was carried
 * out in: tasks as they are after it, with the next moment of each, what
 * changed, decisions, handoffs, the rotations, what reaches outside, and the
 * domain events of it.
 */
final readonly class ChainRecorder
{
    /** @param array<array-key, Task|CustomerCase> $rows those that are known and locked, or new, by id */
    public function record(ChainResult $chain, LockedHouse $locked, Occasion $occasion, array $rows): void
    {
        $house = $locked->house->snapshot;
        $cases = array_filter($rows, static fn(Model $row): bool => $row instanceof CustomerCase);
        (new CaseRecorder($locked->house))->record($chain, $cases);
        $rows = $this->rows(
            $chain,
            $locked->house,
            $occasion,
            array_filter($rows, static fn(Model $row): bool => $row instanceof Task),
        );
        $handoffs = new HandoffRecorder($house, $occasion);
        $decisions = [];
        foreach ($chain->links as $number => $link) {
            $cause = $link->causedBy === null ? null : $decisions[$link->causedBy] ?? null;
            // What is new differs from nothing in all that it has.
            $difference = $link->change->isArrival()
                ? []
                : Difference::between($link->change->before, $link->change->after, $house->catalogue);
            $change = self::isWorthARow($link, $chain, $difference)
                ? self::change($link, $difference, $occasion, $cause)
                : null;
            $handoffs->changed(
                $link->change,
                $link->causedBy === null ? null : $chain->links[$link->causedBy]->decision,
                $cause,
            );
            if ($link->decision !== null) {
                $decisions[$number] = self::decision($link->decision, $locked->house, $occasion, $change);
                $handoffs->decided($link->decision, $decisions[$number]);
            }
        }
        $handoffs->save();
        foreach ($chain->tasks() as $id => $subject) {
            $row = $rows[$id];
            if ($row->exists && !$row->wasRecentlyCreated) {
                self::put($subject, $row, $locked->house, $occasion);
                ++$row->revision;
                $row->save();
            }
            TaskRelations::write($subject, $row, $house);
            TaskCovers::write($subject, $row, $house);
        }
        $locked->rotations->saveAll($chain->rotations, $house);
        $locked->rotations->record(self::turns($chain), $house, CarbonImmutable::createFromTimestampUTC($occasion->at));
        (new EventRecorder($locked, $occasion, new EventLog($occasion->at)))->record($chain);
        self::cut($chain, $locked->house->state, $occasion);
    }

    /** @return list<array{Turn, string}> with the id of the task */
    private static function turns(ChainResult $chain): array
    {
        $turns = [];
        foreach ($chain->links as $link) {
            $turn = $link->decision?->turn();
            // Of cases the log of handoffs tells.
            if ($turn !== null && $link->change->task() !== null) {
                $turns[] = [$turn, $link->change->after->id];
            }
        }

        return $turns;
    }

    /**
     * @param array<array-key, Task> $rows
     *
     * @return array<array-key, Task> of every task that the chain touched, by id
     */
    private function rows(ChainResult $chain, HouseAt $house, Occasion $occasion, array $rows): array
    {
        $made = [];
        foreach ($chain->links as $link) {
            if ($link->change->isArrival() && $link->change->task() !== null) {
                $made[$link->change->after->id] = true;
            }
        }
        $missing = array_map(strval(...), array_keys(array_diff_key($chain->tasks(), $rows, $made)));
        if ($missing !== []) {
            foreach (Task::query()->with(TaskSubjects::RELATIONS)->lockForUpdate()->findMany($missing) as $row) {
                $rows[$row->id] = $row;
            }
        }
        foreach (array_keys($made) as $id) {
            $row =
                $rows[$id] ??
                new Task([
                    'id' => $id,
                    'source' => TaskSource::Rule,
                    'arrived_at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
                    'revision' => 1,
                    'facts' => [],
                ]);
            self::put($chain->tasks()[$id], $row, $house, $occasion);
            $row->saveNumbered();
            $rows[$id] = $row;
        }

        return $rows;
    }

    /** @return array{task_id: string|null, case_id: string|null} what it is put down of */
    private static function of(ChangeSet $change): array
    {
        return ['task_id' => $change->task()?->id, 'case_id' => $change->case()?->id];
    }

    private static function put(TaskSubject $subject, Task $row, HouseAt $house, Occasion $occasion): void
    {
        TaskRow::put($subject, $row, $house->snapshot, $occasion->at);
        $row->next_moment_at = NextMoments::of(
            $house->timers(),
            $subject,
            $row->next_moment_at,
            $house->state->tickedAt,
        );
    }

    /**
     * What a decision does to its own task stands in the decision; a row of its own has what was decided upon, and what
     * happened to another task.
     *
     * @param array<string, array{mixed, mixed}> $difference
     */
    private static function isWorthARow(Link $link, ChainResult $chain, array $difference): bool
    {
        // How much needed work of a case is open is told by its tasks.
        if (
            $link->change->case() !== null &&
            $link->decision === null &&
            $difference === [] &&
            $link->change->happened === []
        ) {
            return false;
        }
        if ($link->causedBy === null) {
            return $link->change->cause !== Cause::Intake;
        }

        return $link->change->before !== null &&
            ($link->decision !== null ||
                $link->change->after->id !== $chain->links[$link->causedBy]->change->after->id);
    }

    /** @param array<string, array{mixed, mixed}> $difference */
    private static function change(Link $link, array $difference, Occasion $occasion, ?DecisionRow $cause): TaskChange
    {
        $first = $link->causedBy === null;

        return TaskChange::query()->create([
            ...self::of($link->change),
            'at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
            'cause' => $link->change->cause,
            'occasion' => $first ? $occasion->name : 'followed',
            'user_id' => $first ? $occasion->userId : null,
            'for_id' => $first ? $occasion->forId : null,
            'system' => $first ? $occasion->system : null,
            'reason' => $first ? $occasion->reason : null,
            'difference' => $difference,
            'caused_by_id' => $cause?->id,
        ]);
    }

    private static function decision(
        Decision $decision,
        HouseAt $house,
        Occasion $occasion,
        ?TaskChange $change,
    ): DecisionRow {
        $kinds = $decision->rulebook->occasions($decision->change);

        return DecisionRow::query()->create([
            ...self::of($decision->change),
            'change_id' => $change?->id,
            'event' => match (true) {
                !$decision->change->isArrival() => $kinds[0] ?? '',
                $decision->change->task() !== null => TaskArrives::kind(),
                default => CaseOpens::kind(),
            },
            'at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
            'user_id' => $change === null ? $occasion->userId : null,
            'rulebook_version_id' => $house->state->versionId,
            'outcome' => $decision->outcome,
            'rule' => $decision->decidingRule()?->id,
            'assignee_id' => $house->snapshot->idOf($decision->assigneeId),
            'facts' => FactsFormat::values($decision->change->facts, $decision->rulebook->rulebook->fields),
            'record' => DecisionRecord::of($decision),
        ]);
    }

    private static function cut(ChainResult $chain, HouseState $state, Occasion $occasion): void
    {
        if ($chain->cut !== null) {
            ChainCut::query()->create([
                isset($chain->cases()[$chain->cut->taskId]) ? 'case_id' : 'task_id' => $chain->cut->taskId,
                'at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
                'reason' => $chain->cut->reason,
                'rules' => $chain->cut->ruleIds,
                'rulebook_version_id' => $state->versionId,
            ]);
        }
    }
}
