<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** The load of people at the moment of an event, with the task that wants somebody. */
final readonly class LoadView
{
    /**
     * @param int      $at      instant
     * @param int      $minutes effort of the new task
     * @param int|null $dueAt   instant at which it is due
     */
    public function __construct(
        private Work $work,
        private LoadBook $book,
        private int $at,
        private int $minutes,
        private ?int $dueAt,
    ) {}

    public function of(string $personId): PersonWork
    {
        return $this->work->held($personId);
    }

    /** Counting the new task. */
    public function ratioWith(string $personId): LoadRatio
    {
        return $this->book->plan($personId, $this->work->held($personId), $this->at)->ratioWith($this->minutes, $this->dueAt);
    }
}
