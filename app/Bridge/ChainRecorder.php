<?php

declare(strict_types=1);

namespace App\Bridge;

use App\DomainEvents\EventLog;
use App\Models\Cases\CustomerCase;
use App\Models\Customers\Customer;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskSource;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use OpenBaton\Core\Chain\ChainResult;
use OpenBaton\Core\Routing\Turn;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * Writes all that came of a chain, within the transaction that it was carried
 * out in: tasks as they are after it, with the next moment of each, what
 * changed, decisions, handoffs, the rotations, what reaches outside, and the
 * domain events of it.
 */
final readonly class ChainRecorder
{
    /** @param array<array-key, Task|CustomerCase|Customer> $rows those that are known and locked, or new, by id */
    public function record(ChainResult $chain, LockedHouse $locked, Occasion $occasion, array $rows): void
    {
        $house = $locked->house->snapshot;
        $cases = array_filter($rows, static fn(Model $row): bool => $row instanceof CustomerCase);
        (new CaseRecorder($locked->house))->record($chain, $cases);
        (new CustomerRecorder($locked->house))->record(
            $chain,
            array_filter($rows, static fn(Model $row): bool => $row instanceof Customer),
        );
        $rows = $this->rows(
            $chain,
            $locked->house,
            $occasion,
            array_filter($rows, static fn(Model $row): bool => $row instanceof Task),
        );
        $handoffs = new HandoffRecorder($house, $occasion);
        (new HistoryRecorder($locked->house, $occasion, $chain))->record($handoffs);
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
}
