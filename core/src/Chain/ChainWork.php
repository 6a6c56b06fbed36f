<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Routing\Needs;
use OpenBaton\Core\Subject\Passing;
use OpenBaton\Core\Subject\TaskSubject;
use OpenBaton\Core\Workload\Work;
use OpenBaton\Core\Workload\WorkItem;

/**
 * The work in hand of those that a chain has asked for, as it is by now. What was there before the chain is read once.
 */
final class ChainWork
{
    private Work $work;
    /** @var array<array-key, true> people whose work was read, by id */
    private array $read = [];
    /** @var array<array-key, true> those of whom it was read when work last came to them */
    private array $dated = [];
    /** @var array<array-key, array<array-key, true>> those of whom it was read whether they know a customer, by that */
    private array $acquainted = [];
    /** @var array<array-key, WorkItem|null> by id of the task: as it was before the chain; null: the chain made it */
    private array $before = [];
    /** @var array<array-key, WorkItem> by id of the task: as it is by now, where it is another than before */
    private array $now = [];
    /** @var array<array-key, int> instant at which work came to somebody in this chain, by person */
    private array $assignedAt = [];

    public function __construct(private readonly Surroundings $surroundings)
    {
        $this->work = Work::of([]);
    }

    /** At least the work that is needed. */
    public function of(Needs $needs): Work
    {
        $undated = array_values(array_filter($needs->lastAssigned, fn(string $id): bool => !isset($this->dated[$id])));
        $unread = array_values(array_filter($needs->people, fn(string $id): bool => !isset($this->read[$id])));
        $new = array_values(array_unique([...$unread, ...$undated, ...$this->strangers($needs)]));
        if ($new !== []) {
            $this->dated += array_fill_keys($undated, true);
            $this->read += array_fill_keys($new, true);
            foreach ($needs->customers as $customer) {
                $this->acquainted[$customer] = ($this->acquainted[$customer] ?? []) + array_fill_keys($new, true);
            }
            $dated = array_values(array_filter($new, fn(string $id): bool => isset($this->dated[$id])));
            $customers = array_map(strval(...), array_keys($this->acquainted));
            $this->work = $this->work->with($this->read(new Needs($new, $dated, [], $customers)));
        }

        return $this->work;
    }

    /** @return list<string> those of whom it was not read whether they know a customer that is asked for */
    private function strangers(Needs $needs): array
    {
        $strangers = [];
        foreach ($needs->customers as $customer) {
            foreach ($needs->people as $id) {
                if (!isset($this->acquainted[$customer][$id])) {
                    $strangers[] = $id;
                }
            }
        }

        return $strangers;
    }

    public function changed(?TaskSubject $before, TaskSubject $after, int $at): void
    {
        $was = $before?->asWork();
        $this->before += [$after->id => $was];
        $this->now[$after->id] = $item = $after->asWork();
        $this->work = $this->work->after($was, $item);
        $new = array_fill_keys(Passing::came($before?->holderIds() ?? [], $after->holderIds()), $at);
        $this->assignedAt = array_replace($this->assignedAt, $new);
        $this->work = $this->work->assigned($new);
    }

    /** @return array<array-key, int> instant at which work came to somebody in this chain, by person */
    public function assignedAt(): array
    {
        return $this->assignedAt;
    }

    private function read(Needs $needs): Work
    {
        $work = $this->surroundings->work($needs);
        foreach ($this->now as $id => $item) {
            $work = $work->after($this->before[$id], $item);
        }

        return $work->assigned($this->assignedAt)->ofOnly($needs->people, $needs->lastAssigned);
    }
}
