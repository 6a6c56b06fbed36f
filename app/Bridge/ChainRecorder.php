<?php

declare(strict_types=1);

namespace App\Bridge;

use App\DomainEvents\EventLog;
use App\Models\Tasks\ChainCut;
use App\Models\Tasks\Decision as DecisionRow;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskChange;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Chain\Link;
use OpenBaton\Core\Document\DecisionRecord;
use OpenBaton\Core\Document\FactsFormat;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Turn;
use OpenBaton\Core\Subject\Cause;
use OpenBaton\Core\Subject\Difference;
use OpenBaton\Core\Subject\Subject;

/**
 * Writes all that came of a chain, within the transaction that it was carried
 * out in: tasks as they are after it, with the next moment of each, what
 * changed, decisions, handoffs, the rotations, what reaches outside, and the
 * domain events of it.
 */
final readonly class ChainRecorder
{
    /** @param array<array-key, Task> $rows those that are known or new, by id */
    public function record(ChainResult $chain, LockedHouse $locked, Occasion $occasion, array $rows): void
    {
        $house = $locked->house->snapshot;
        $rows = $this->rows($chain, $locked->house, $occasion, $rows);
        $handoffs = new HandoffRecorder($house, $occasion);
        $decisions = [];
        foreach ($chain->links as $number => $link) {
            $cause = $link->causedBy === null ? null : $decisions[$link->causedBy] ?? null;
            $change = self::isWorthARow($link, $chain) ? self::change($link, $house, $occasion, $cause) : null;
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
        foreach ($chain->subjects as $id => $subject) {
            $row = $rows[$id];
            if ($row->exists && !$row->wasRecentlyCreated) {
                self::put($subject, $row, $locked->house, $occasion);
                ++$row->revision;
                $row->save();
            }
            self::relations($subject, $row, $house);
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
            if ($turn !== null) {
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
            if ($link->change->isArrival()) {
                $made[$link->change->after->id] = true;
            }
        }
        $missing = array_map(strval(...), array_keys(array_diff_key($chain->subjects, $rows, $made)));
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
            self::put($chain->subjects[$id], $row, $house, $occasion);
            $row->saveNumbered();
            $rows[$id] = $row;
        }

        return $rows;
    }

    private static function put(Subject $subject, Task $row, HouseAt $house, Occasion $occasion): void
    {
        TaskRow::put($subject, $row, $house->snapshot, $occasion->at);
        $row->next_moment_at = NextMoments::of($house->timers(), $subject, $row, $house->state->tickedAt);
    }

    /**
     * What a decision does to its own task stands in the decision; a row of its own has what was decided upon, and what
     * happened to another task.
     */
    private static function isWorthARow(Link $link, ChainResult $chain): bool
    {
        if ($link->causedBy === null) {
            return $link->change->cause !== Cause::Intake;
        }

        return $link->change->before !== null &&
            ($link->decision !== null ||
                $link->change->after->id !== $chain->links[$link->causedBy]->change->after->id);
    }

    private static function change(Link $link, Snapshot $house, Occasion $occasion, ?DecisionRow $cause): TaskChange
    {
        $first = $link->causedBy === null;

        return TaskChange::query()->create([
            'task_id' => $link->change->after->id,
            'at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
            'cause' => $link->change->cause,
            'occasion' => $first ? $occasion->name : 'followed',
            'user_id' => $first ? $occasion->userId : null,
            'for_id' => $first ? $occasion->forId : null,
            'system' => $first ? $occasion->system : null,
            'reason' => $first ? $occasion->reason : null,
            'difference' => Difference::between($link->change->before, $link->change->after, $house->catalogue),
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
            'task_id' => $decision->change->after->id,
            'change_id' => $change?->id,
            'event' => $decision->change->isArrival() ? 'task_arrives' : $kinds[0] ?? '',
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

    private static function relations(Subject $subject, Task $row, Snapshot $house): void
    {
        $openTo = $subject->holderId === null && $subject->status->wantsHolder() ? $subject->openTo : [];
        $others = [
            'claimants' => $house->idsOf($openTo),
            'watchers' => $house->idsOf($subject->watcherIds),
            'waitsOn' => $subject->waitsOn,
            'linked' => $subject->linkedTo,
        ];
        self::holders($subject, $row, $house);
        foreach ($others as $relation => $ids) {
            $known = $row->wasRecentlyCreated ? [] : $row->keysOf($relation);
            // Nothing is asked where nothing has changed.
            if (array_diff($ids, $known) !== [] || array_diff($known, $ids) !== []) {
                $row->others($relation)->sync($ids);
            }
        }
    }

    /** Who holds it together with the assignee, where that, or whether the task is open, has changed. */
    private static function holders(Subject $subject, Task $row, Snapshot $house): void
    {
        $known = $row->wasRecentlyCreated ? [] : $row->holdsWith->all();
        $was = $is = [];
        foreach ($known as $person) {
            $was[$person->id] = (bool) $person->pivot?->getAttribute('open');
        }
        foreach ($house->idsOf($subject->sharing->withIds ?? []) as $id) {
            $is[$id] = $subject->status->isOpen();
        }
        if ($was !== $is) {
            $rows = [];
            foreach ($is as $id => $open) {
                $rows[$id] = ['position' => count($rows), 'open' => $open];
            }
            $row->holdsWith()->sync($rows);
        }
    }

    private static function cut(ChainResult $chain, HouseState $state, Occasion $occasion): void
    {
        if ($chain->cut !== null) {
            ChainCut::query()->create([
                'task_id' => $chain->cut->taskId,
                'at' => CarbonImmutable::createFromTimestampUTC($occasion->at),
                'reason' => $chain->cut->reason,
                'rules' => $chain->cut->ruleIds,
                'rulebook_version_id' => $state->versionId,
            ]);
        }
    }
}
