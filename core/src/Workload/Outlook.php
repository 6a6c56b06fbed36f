<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** How it stands with somebody's time: what is late, what will be, and what room there is. */
final readonly class Outlook
{
    /**
     * @param LoadPlan       $plan    to the end
     * @param list<WorkItem> $overdue past due by now
     * @param list<WorkItem> $tooLate not past due, but the plan does them later, or never; the earliest due first
     * @param int            $over    minutes of effort of the latter that the plan does after they are due
     * @param int            $behind  minutes of effort that are left of what is overdue
     */
    private function __construct(
        public LoadPlan $plan,
        public array $overdue,
        public array $tooLate,
        public int $over,
        public int $behind,
        private LoadMeasure $measure,
    ) {}

    /**
     * @param LoadPlan       $plan  to the end
     * @param list<WorkItem> $items that it plans
     * @param int            $now   instant of the plan
     */
    public static function of(LoadPlan $plan, array $items, int $now, LoadMeasure $measure): self
    {
        $overdue = $tooLate = [];
        $over = $behind = 0;
        foreach ($items as $item) {
            if ($item->dueAt === null) {
                continue;
            }
            if ($item->dueAt < $now) {
                $overdue[] = $item;
                $behind += $item->load($measure);
            } elseif (($plan->finishes[$item->id] ?? PHP_INT_MAX) > $item->dueAt) {
                $tooLate[] = $item;
                $over += $plan->late[$item->id] ?? 0;
            }
        }
        usort($tooLate, WorkItem::compare(...));

        return new self($plan, $overdue, $tooLate, $over, $behind, $measure);
    }

    /** Minutes of the horizon in which there is nothing to do. */
    public function free(): int
    {
        return array_sum(array_map(static fn(DayLoad $day): int => $day->capacity - $day->planned, $this->plan->days));
    }

    public function hasRoom(): bool
    {
        return $this->free() >= $this->measure->room() && $this->tooLate === [];
    }

    /** Whether there is work that is not late yet and will be. */
    public function isOver(): bool
    {
        return $this->tooLate !== [];
    }

    /** @return int|null instant at which the first of it is due */
    public function overFrom(): ?int
    {
        return $this->tooLate[0]->dueAt ?? null;
    }
}
