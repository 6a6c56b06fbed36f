<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

use OpenBaton\Core\People\Capacity;

/** A task as levelling sees it: how much of it is left, when, and who may have it. */
final readonly class Movable
{
    /** Of effort: ten-thousandths of a second, so that every share of capacity is exact. */
    public const UNITS_A_MINUTE = 60 * Capacity::WHOLE;

    /**
     * @param int          $work     ten-thousandths of a second of effort
     * @param string       $holderId who has it today
     * @param list<string> $eligible who may have it, today's holder among them; that one alone: it stays
     * @param int|null     $startAt  instant before which nobody can work on it
     * @param int|null     $dueAt    instant
     * @param string|null  $customerId whose open tasks had better lie with one person
     */
    public function __construct(
        public string $id,
        public int $work,
        public string $holderId,
        public array $eligible,
        public ?int $startAt = null,
        public ?int $dueAt = null,
        public ?string $customerId = null,
    ) {}

    /** On the line of time of somebody who may have it. */
    public function on(Reach $reach): Job
    {
        return new Job(
            $this->id,
            $this->work,
            $this->startAt === null ? 0 : $reach->until($this->startAt),
            $this->dueAt === null ? null : $reach->until($this->dueAt),
            $this->dueAt !== null && $this->dueAt <= $reach->now,
        );
    }
}
