<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** What a load plan has somebody do when, how much of it too late, and when there is nothing to do first. */
final class PlanRecord
{
    /** @var array<array-key, int> units done after they were due, by task */
    private array $late = [];

    /** @var list<Block> */
    private array $blocks = [];

    private ?int $freeFrom = null;

    public function idle(int $from): void
    {
        $this->freeFrom ??= $from;
    }

    /** That a task is worked on from one instant to another, within a stretch. */
    public function worked(WorkItem $item, int $from, int $to, int $units, Stretch $stretch): void
    {
        if ($item->dueAt !== null && $to > $item->dueAt) {
            $inTime = $item->dueAt <= $from ? 0 : min($units, $stretch->between($from, $item->dueAt));
            $this->late[$item->id] = ($this->late[$item->id] ?? 0) + $units - $inTime;
        }
        $last = $this->blocks === [] ? null : $this->blocks[count($this->blocks) - 1];
        if ($last?->taskId === $item->id && $last->to === $from) {
            array_pop($this->blocks);
            $from = $last->from;
        }
        $this->blocks[] = new Block($item->id, $from, $to);
    }

    public function freeFrom(): ?int
    {
        return $this->freeFrom;
    }

    /** @return list<Block> in order */
    public function blocks(): array
    {
        return $this->blocks;
    }

    /**
     * @param list<WorkItem>  $undone of which what is left is never done
     * @param array<int, int> $left   units, by place among them
     * @param int             $minute units
     *
     * @return array<array-key, int> minutes of effort by task, upwards
     */
    public function late(array $undone, array $left, int $minute): array
    {
        $units = $this->late;
        foreach ($undone as $place => $item) {
            if ($item->dueAt !== null && $left[$place] > 0) {
                $units[$item->id] = ($units[$item->id] ?? 0) + $left[$place];
            }
        }

        return array_map(static fn(int $one): int => intdiv($one + $minute - 1, $minute), array_filter($units));
    }
}
