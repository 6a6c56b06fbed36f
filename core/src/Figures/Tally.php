<?php

declare(strict_types=1);

namespace OpenBaton\Core\Figures;

use OpenBaton\Core\Time\WorkingTime;

/**
 * Counts what came in and what ended. How long it was until somebody began a task, and until it was done, is in minutes
 * of the working time of the house; what was dropped has no such times.
 */
final class Tally
{
    private int $arrived = 0;

    private int $done = 0;

    private int $dropped = 0;

    private int $late = 0;

    /** @var list<int> */
    private array $untilTouched = [];

    /** @var list<int> */
    private array $untilDone = [];

    public function arrive(): void
    {
        ++$this->arrived;
    }

    /**
     * @param int|null $untilTouched minutes, as are $untilDone; null: it was dropped
     *
     * @see times() which is worked out once for all tallies in which it counts
     */
    public function end(EndedTask $task, ?int $untilTouched, ?int $untilDone): void
    {
        if ($task->dropped) {
            ++$this->dropped;

            return;
        }
        ++$this->done;
        $this->late += $task->isLate() ? 1 : 0;
        if ($untilTouched !== null) {
            $this->untilTouched[] = $untilTouched;
        }
        if ($untilDone !== null) {
            $this->untilDone[] = $untilDone;
        }
    }

    /** @return array{int|null, int|null} minutes until it was begun, or done without, and until it was done */
    public static function times(EndedTask $task, WorkingTime $house): array
    {
        if ($task->dropped) {
            return [null, null];
        }
        $until = static fn(int $at): int => $at > $task->arrivedAt ? $house->minutesBetween($task->arrivedAt, $at) : 0;

        return [$until(min($task->touchedAt ?? $task->endedAt, $task->endedAt)), $until($task->endedAt)];
    }

    public function figures(): Figures
    {
        return new Figures(
            $this->arrived,
            $this->done,
            $this->dropped,
            $this->late,
            Typical::of($this->untilTouched),
            Typical::of($this->untilDone),
        );
    }
}
