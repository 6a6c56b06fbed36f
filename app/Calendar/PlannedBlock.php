<?php

declare(strict_types=1);

namespace App\Calendar;

/** A stretch of somebody's time that a task is planned to take; from and to are instants. */
final readonly class PlannedBlock
{
    public function __construct(
        public string $taskId,
        public int $number,
        public string $title,
        public string $who,
        public int $from,
        public int $to,
    ) {}
}
