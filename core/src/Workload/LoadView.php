<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Subject\Subject;
use OpenBaton\Core\Subject\TaskSubject;

/**
 * The load of people at the moment of an event, with the task, or the case, that wants somebody; a task never
 * counts as work against itself.
 */
final class LoadView
{
    /** The field that says who looks after the customer. */
    private const OWNER = 'customer.owner';

    /** @var array<array-key, int|null> what finishWith() has found: limits and the method ask alike */
    private array $finishes = [];

    /** @param int $at instant */
    public function __construct(
        private readonly Work $work,
        private readonly LoadBook $book,
        public readonly int $at,
        private readonly Subject $subject,
    ) {}

    public function of(string $personId): PersonWork
    {
        $held = $this->work->held($personId);

        $concerns =
            in_array($personId, $this->subject->inSeat(SeatName::Reviewer), true) ||
            in_array($personId, $this->subject->holderIds(), true);

        return $concerns && $held->has($this->subject->id) ? $held->without($this->subject->id) : $held;
    }

    /** Instant at which the task is due; a case is never. */
    public function dueAt(): ?int
    {
        return $this->task()?->dueAt;
    }

    private function task(): ?TaskSubject
    {
        return $this->subject instanceof TaskSubject ? $this->subject : null;
    }

    /** @return int|null instant at which their load plan finishes the task; null: not within three months */
    public function finishWith(string $personId): ?int
    {
        if (!array_key_exists($personId, $this->finishes)) {
            $task = $this->task()?->heldBy($personId)->asWork();
            $this->finishes[$personId] =
                $task === null ? null : $this->book->finish($personId, $this->of($personId), $task, $this->at);
        }

        return $this->finishes[$personId];
    }

    /** Whether they are within their working hours, and not absent. */
    public function isOn(string $personId): bool
    {
        return $this->book->roster->isOn($personId, $this->at);
    }

    /** @return int|null instant at which their next absence begins; null: none is known */
    public function nextAbsence(string $personId): ?int
    {
        return $this->book->roster->nextAbsence($personId, $this->at);
    }

    /** Whether they look after the customer of the task, or have done work for them. */
    public function knowsCustomer(string $personId): bool
    {
        $customer = $this->subject->customerId;

        return ($this->subject->fields[self::OWNER] ?? null) === $personId ||
            ($customer !== null && $this->work->held($personId)->knows($customer));
    }

    /** Counting the task; a case is no work by itself. */
    public function ratioWith(string $personId): LoadRatio
    {
        $task = $this->task();
        $held = $this->of($personId);
        $measure = $this->book->roster->measure;
        if ($task === null) {
            return $this->book->plan($personId, $held, $this->at)->ratio();
        }

        // The closed form knows nothing of tasks that start later.
        return $task->startAt !== null && $task->startAt > $this->at
            ? $this->book
                ->plan($personId, $held->with($personId, $task->heldBy($personId)->asWork()), $this->at)
                ->ratio()
            : $this->book
                ->plan($personId, $held, $this->at)
                ->ratioWith($measure->of($task->effort, $task->fields), $task->dueAt);
    }
}
