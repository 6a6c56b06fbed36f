<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

/** The whole state of a task, as decisions see it and effects change it. */
final readonly class Subject
{
    /**
     * @param int          $createdAt instant
     * @param string|null  $holderId  who holds it
     * @param list<string> $openTo    people who may claim it
     * @param int|null     $startAt   instant before which it can't be worked on
     * @param int|null     $dueAt     instant
     * @param list<string> $tags
     */
    public function __construct(
        public string $id,
        public int $createdAt,
        public Effort $effort = new Effort(),
        public TaskStatus $status = TaskStatus::New,
        public Priority $priority = Priority::Normal,
        public ?string $holderId = null,
        public array $openTo = [],
        public ?string $reviewerId = null,
        public ?int $startAt = null,
        public ?int $dueAt = null,
        public array $tags = [],
    ) {}

    /** @param list<string> $openTo who may claim it, where nobody holds it */
    public function heldBy(?string $personId, array $openTo = []): self
    {
        return $this->changed(['holderId' => $personId, 'openTo' => $openTo]);
    }

    public function inStatus(TaskStatus $status): self
    {
        return $this->changed(['status' => $status]);
    }

    public function prioritised(Priority $priority): self
    {
        return $this->changed(['priority' => $priority]);
    }

    public function dueAt(?int $instant): self
    {
        return $this->changed(['dueAt' => $instant]);
    }

    public function tagged(string $tag): self
    {
        return in_array($tag, $this->tags, true) ? $this : $this->changed(['tags' => [...$this->tags, $tag]]);
    }

    /** @param array<string, mixed> $changes by property */
    private function changed(array $changes): self
    {
        /** @var array{id: string, createdAt: int} $properties and all others, of the types that the methods above give them */
        $properties = [...get_object_vars($this), ...$changes];

        return new self(...$properties);
    }

    /** The task as the load of whoever it loads. */
    public function asWork(): WorkItem
    {
        return new WorkItem(
            $this->id,
            $this->holderId,
            $this->status,
            $this->priority,
            $this->effort,
            $this->createdAt,
            $this->startAt,
            $this->dueAt,
            $this->reviewerId,
        );
    }
}
