<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Database\Row;
use App\Models\People\Person;
use App\Models\Tasks\Handoff;
use App\Models\Tasks\Task;
use App\Models\Tasks\TaskHolder;
use Illuminate\Database\Eloquent\Builder;
use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/** The open work of people, and when they were last given something: by a query for each however much it is. */
final class WorkReader
{
    private const COLUMNS = [
        'id',
        'task_kind_id',
        'assignee_id',
        'do_together',
        'reviewer_id',
        'status',
        'priority',
        'estimate_minutes',
        'spent_minutes',
        'remaining_minutes',
        'arrived_at',
        'starts_at',
        'due_at',
    ];

    public static function ofEverybody(Snapshot $house): Work
    {
        return Work::of(
            self::items(
                Task::query()->where(
                    static fn(Builder $held): Builder => $held
                        ->whereNotNull('assignee_id')
                        ->orWhereNotNull('reviewer_id'),
                ),
                $house,
            ),
            self::lastAssigned(array_values($house->personIds), $house),
        );
    }

    /** What of the work a decision may look at. */
    public static function of(Needs $needs, Snapshot $house): Work
    {
        $people = self::ids($needs->people, $house);

        return Work::of(
            $people === [] ? [] : self::items(Task::query()->concerning($people), $house),
            $needs->lastAssigned === [] ? [] : self::lastAssigned(self::ids($needs->lastAssigned, $house), $house),
        )->knowing(self::acquainted($people, $needs->customers, $house));
    }

    /**
     * @param list<string> $slugs
     *
     * @return list<string>
     */
    private static function ids(array $slugs, Snapshot $house): array
    {
        return array_map(static fn(string $slug): string => $house->personIds[$slug], $slugs);
    }

    /**
     * Which of them load whom, the core knows.
     *
     * @param Builder<Task> $query
     *
     * @return list<WorkItem>
     */
    private static function items(Builder $query, Snapshot $house): array
    {
        $items = $together = [];
        // Rows, not models: nothing is done with them but to read some columns, under the lock.
        $rows = $query
            ->open()
            ->select(self::COLUMNS)
            ->when(
                $house->roster->measure->field,
                static fn(Builder $tasks, string $path): Builder => $tasks->addSelect("facts->{$path} as amount"),
            )
            ->toBase()
            ->get();
        foreach ($rows as $row) {
            $row = new Row($row);
            if ($row->intOrNull('do_together') !== null) {
                $together[] = $row->text('id');
            }
        }
        $others = self::holdersWith($together, $house);
        foreach ($rows as $row) {
            $row = new Row($row);
            $items[] = self::item($row, $others[$row->text('id')] ?? [], $house);
        }

        return $items;
    }

    /**
     * @param list<string> $taskIds of tasks that several hold
     *
     * @return array<string, list<string>> slugs of those who hold it beside the assignee, by task
     */
    private static function holdersWith(array $taskIds, Snapshot $house): array
    {
        $others = [];
        foreach (
            $taskIds === []
                ? []
                : TaskHolder::query()->whereIn('task_id', $taskIds)->orderBy('position')->toBase()->get()
            as $row
        ) {
            $row = new Row($row);
            $slug = $house->personSlugs[$row->text('person_id')] ?? null;
            if ($slug !== null) {
                $others[$row->text('task_id')][] = $slug;
            }
        }

        return $others;
    }

    /**
     * @param list<string> $personIds
     *
     * @return array<string, int> instant by slug
     */
    private static function lastAssigned(array $personIds, Snapshot $house): array
    {
        // One step into an index for each: the log of handoffs only grows.
        $latest = Handoff::query()->select('at')->whereColumn('to_id', 'people.id')->latest('at')->limit(1);
        $assigned = [];
        foreach (
            Person::query()
                ->whereIn('id', $personIds)
                ->select('id')
                ->addSelect(['assigned' => $latest])
                ->toBase()
                ->get()
            as $row
        ) {
            $row = new Row($row);
            $slug = $house->personSlugs[$row->text('id')] ?? null;
            $at = $row->instantOrNull('assigned');
            if ($slug !== null && $at !== null) {
                $assigned[$slug] = $at;
            }
        }

        return $assigned;
    }

    /**
     * @param list<string> $personIds
     * @param list<string> $customerIds
     *
     * @return iterable<array{string, string}> slug of a person, and a customer of these for whom they have done work
     */
    private static function acquainted(array $personIds, array $customerIds, Snapshot $house): iterable
    {
        foreach ($customerIds as $customerId) {
            // One step into an index for each person, however much they have done.
            $done = Task::query()
                ->select('id')
                ->whereColumn('assignee_id', 'people.id')
                ->where('customer_id', $customerId)
                ->where('status', TaskStatus::Done);
            foreach (
                Person::query()
                    ->whereIn('id', $personIds)
                    ->whereExists($done)
                    ->get(['slug'])
                as $person
            ) {
                yield [$person->slug, $customerId];
            }
        }
    }

    /** @param list<string> $others who hold it beside the assignee */
    private static function item(Row $row, array $others, Snapshot $house): WorkItem
    {
        return new WorkItem(
            $row->text('id'),
            $house->personSlugs[(string) $row->textOrNull('assignee_id')] ?? null,
            TaskStatus::from($row->text('status')),
            Priority::from($row->text('priority')),
            new Effort(
                $house->kinds[$row->text('task_kind_id')]->usualMinutes ?? 0,
                $row->intOrNull('estimate_minutes'),
                $row->int('spent_minutes'),
                $row->intOrNull('remaining_minutes'),
            ),
            $row->instant('arrived_at'),
            $row->instantOrNull('starts_at'),
            $row->instantOrNull('due_at'),
            $house->personSlugs[(string) $row->textOrNull('reviewer_id')] ?? null,
            $others,
            self::measured($row, $house->roster->measure->field),
        );
    }

    /** @return array<string, float> by path */
    private static function measured(Row $row, ?string $path): array
    {
        $amount = $path === null ? null : $row->textOrNull('amount');

        return $path === null || !is_numeric($amount) ? [] : [$path => (float) $amount];
    }
}
