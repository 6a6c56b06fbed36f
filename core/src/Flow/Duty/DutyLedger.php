<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Duty;

use OpenBaton\Core\Time\LocalDate;

/** What has become of a duty so far. */
final readonly class DutyLedger
{
    /**
     * @param LocalDate    $through the last of its dates that has been dealt with, before it was moved
     * @param int          $made    how many of its dates were made, or missed
     * @param list<string> $open    ids of its tasks that are open
     * @param int|null     $endedAt instant at which the last of its tasks was done or dropped; null: none was
     * @param array<int, true> $dates by day, those for which there is a task already, as they were moved
     */
    public function __construct(
        public LocalDate $through,
        public int $made = 0,
        public array $open = [],
        public ?int $endedAt = null,
        public array $dates = [],
    ) {}

    /** Whether one of its tasks was open at an instant, where none is now. */
    public function wasOpenAt(int $at): bool
    {
        return $this->endedAt !== null && $at <= $this->endedAt;
    }
}
