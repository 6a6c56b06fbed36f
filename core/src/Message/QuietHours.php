<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

use OpenBaton\Core\Time\TimeOfDay;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\WorkingTime;

/**
 * When somebody is not to be reached by other means than the product itself: outside the hours in which they are
 * there, and between two times of day that they have set.
 */
final readonly class QuietHours
{
    /**
     * @param WorkingHours   $presence working hours less absences
     * @param TimeOfDay|null $from     of each day; null: they have set none
     * @param TimeOfDay|null $to       before "from": of the next day
     */
    public function __construct(
        private WorkingHours $presence,
        private ?TimeOfDay $from = null,
        private ?TimeOfDay $to = null,
    ) {}

    /** @param int $at instant */
    public function includes(int $at): bool
    {
        return !(new WorkingTime($this->presence))->isWorking($at) || $this->areSetAt($at);
    }

    private function areSetAt(int $at): bool
    {
        if ($this->from === null || $this->to === null) {
            return false;
        }
        $minute = intdiv(($at + $this->presence->zone()->offsetAt($at)) % 86_400, 60);

        return $this->from->minute <= $this->to->minute
            ? $minute >= $this->from->minute && $minute < $this->to->minute
            : $minute >= $this->from->minute || $minute < $this->to->minute;
    }
}
