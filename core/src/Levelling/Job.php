<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** A task on somebody's line of time: all in ten-thousandths of a second of their effort. */
final readonly class Job
{
    /**
     * @param int      $from before which it can't be begun
     * @param int|null $due  until which it is to be done; null: it has no due date
     * @param bool     $overdue it should have been done by now
     */
    public function __construct(
        public string $taskId,
        public int $work,
        public int $from,
        public ?int $due,
        public bool $overdue = false,
    ) {}
}
