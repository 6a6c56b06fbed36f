<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

use OpenBaton\Core\Subject\ChangeSet;

/** The work that comes into a random world. */
trait RandomArrivals
{
    private const TASK_KINDS = ['repair', 'quote', 'tuning'];

    private function event(string $id, int $at): ChangeSet
    {
        $facts = ['task.kind' => $this->one(self::TASK_KINDS), 'task.count' => $this->pick(1, 6)];
        if ($this->chance(60)) {
            $facts['task.rush'] = $this->chance(50);
        }
        if ($this->chance(70)) {
            $facts['case.owner'] = $this->id();
        }

        return Build::event(
            $facts,
            gmdate('Y-m-d\TH:i:s\Z', $at),
            $this->pick(1, 8) * 30,
            $this->chance(50) ? '2026-03-03 12:00' : null,
            $id,
        );
    }
}
