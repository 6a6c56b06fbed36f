<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Workload\TaskStatus;

/** How far a task is, what it waits for, and from when on it is to be done. */
trait InStatus
{
    /**
     * Leaving review empties the reviewer's seat and remembers who had it;
     * waiting remembers what the task was before, and ends with its reason.
     */
    public function inStatus(TaskStatus $status): static
    {
        $changes = ['status' => $status];
        if ($this->status === $status) {
            return $this;
        }
        if ($this->status === TaskStatus::InReview) {
            $changes += [
                'lastReviewerId' => $this->reviewerId ?? $this->lastReviewerId,
                'reviewerId' => null,
                'reviewCovering' => null,
            ];
        }
        if ($this->status === TaskStatus::Waiting) {
            $changes += ['wakesAt' => null, 'waitingFor' => null, 'waitsOn' => [], 'resumesAs' => TaskStatus::New];
        }
        if ($status === TaskStatus::Waiting) {
            $changes += ['resumesAs' => $this->status === TaskStatus::New ? TaskStatus::New : TaskStatus::Working];
        }
        if (!$status->wantsHolder()) {
            $changes += ['toHandOn' => false];
        }

        return $this->with($changes);
    }

    /**
     * @param int|null     $until instant at which it comes back by itself
     * @param list<string> $on    tasks on whose end it waits
     */
    public function waiting(?string $for, ?int $until, array $on = []): static
    {
        return $this->inStatus(TaskStatus::Waiting)->with([
            'waitingFor' => $for,
            'wakesAt' => $until,
            'waitsOn' => $on,
        ]);
    }

    /** Whether it is put off at a moment. */
    public function isPostponed(int $at): bool
    {
        return $this->startAt !== null && $this->startAt > $at;
    }

    /** @param int|null $from instant before which nobody works on it; null: it may be worked on now */
    public function startingAt(?int $from): static
    {
        return $this->with(['startAt' => $from]);
    }

    /** It no longer waits. */
    public function resumed(): static
    {
        return $this->inStatus($this->resumesAs);
    }
}
