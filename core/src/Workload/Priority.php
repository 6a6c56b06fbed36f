<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

enum Priority: string
{
    case Low = 'low';
    case Normal = 'normal';
    case High = 'high';
    case Urgent = 'urgent';

    public function rank(): int
    {
        return match ($this) {
            self::Low => 0,
            self::Normal => 1,
            self::High => 2,
            self::Urgent => 3,
        };
    }

    /** @param int $by how many steps up; at the ends it stays */
    public function stepped(int $by): self
    {
        foreach (self::cases() as $case) {
            if ($case->rank() === max(0, min(self::Urgent->rank(), $this->rank() + $by))) {
                return $case;
            }
        }

        return $this;
    }
}
