<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/**
 * What a person will do when, and how full that makes them.
 *
 * The load ratio compares the capacity of the horizon with what presses in
 * it: all work that is due in it or has no due date, and of the work due later
 * as much as the plan does in it. (Were only the minutes planned inside the
 * horizon counted, nobody could ever be above 1.)
 */
final readonly class LoadPlan
{
    /**
     * @param list<DayLoad>      $days       the horizon, day by day, days without working hours among them
     * @param array<array-key, int> $finishes instant of the planned finish by task; those that the plan's reach leaves
     *     undone are missing
     * @param int                $horizonEnd instant
     * @param int                $capacity   minutes in the horizon
     * @param int                $dueWork    minutes of work due in the horizon
     * @param int                $undated    minutes of work without a due date
     * @param int                $dueDone    minutes of the first that the plan does in the horizon
     * @param int                $laterDone  minutes of work due later that it does in the horizon
     * @param array<array-key, int> $late    minutes of effort that it does after they are due, or never, by task; this
     *     and what follows where it goes on to the end
     * @param int|null           $freeFrom   first instant at which there is nothing to do; null: not within its reach
     * @param list<Block>        $blocks     what is done when, in order
     */
    public function __construct(
        public array $days,
        public array $finishes,
        public int $horizonEnd,
        public int $capacity,
        public int $dueWork,
        public int $undated,
        public int $dueDone,
        public int $laterDone,
        public array $late = [],
        public ?int $freeFrom = null,
        public array $blocks = [],
    ) {}

    public function ratio(): LoadRatio
    {
        return new LoadRatio($this->dueWork + $this->undated + $this->laterDone, $this->capacity);
    }

    /**
     * The ratio with one more task that can be started at once.
     *
     * In closed form: the order of work does not change how much of it is done
     * by the end of the horizon, so a new task first fills what is idle or goes
     * to work without a due date, and then takes the place of work due later.
     *
     * @param int      $minutes of effort
     * @param int|null $dueAt   instant
     */
    public function ratioWith(int $minutes, ?int $dueAt): LoadRatio
    {
        $free = $this->capacity - $this->dueDone - $this->laterDone;
        $pressing = $this->ratio()->pressing;
        if ($dueAt === null) {
            return new LoadRatio($pressing + $minutes, $this->capacity);
        }
        if ($dueAt > $this->horizonEnd) {
            return new LoadRatio($pressing + min($minutes, $free), $this->capacity);
        }
        $done = min($minutes, $this->capacity - $this->dueDone);

        return new LoadRatio($pressing + $minutes - max(0, $done - $free), $this->capacity);
    }
}
