<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

/** The whole state of a task, as decisions see it and effects change it. */
final readonly class Subject
{
    use InSeats;
    use InStatus;

    /**
     * @param int                                               $createdAt  instant
     * @param string|null                                       $holderId   who holds it
     * @param list<string>                                      $openTo     people who may claim it
     * @param string|null                                       $reviewerId in whose hands it is while in review
     * @param int|null                                          $startAt    instant before which it can't be worked on
     * @param int|null                                          $dueAt      instant
     * @param list<string>                                      $tags
     * @param array<string, string|int|float|bool|list<string>> $fields all that is neither state nor derived from it,
     *     by path: fields of the house, of the customer
     * @param int|null                                          $wakesAt    instant at which it stops waiting by itself
     * @param string|null                                       $waitingFor why it waits
     * @param TaskStatus                                        $resumesAs  what it is when it no longer waits
     * @param list<string>                                      $waitsOn    tasks on whose end it waits
     * @param Follow|null                                       $dueFollows the date that its due date follows
     * @param list<ChecklistItem>                               $checklist
     * @param list<string>                                      $watcherIds
     * @param list<string>                                      $linkedTo   tasks that go with it, as people have said
     * @param Covering|null $covering where the holder has it for somebody who is away
     * @param Covering|null                                     $reviewCovering likewise of the reviewer
     * @param string|null                                       $madeByRule the rule that made it, by id
     * @param FollowingTexts|null                               $textFollows what its title and details follow
     * @param string|null                                       $previousHolderId who held it before
     * @param Sharing|null                                      $sharing    with whom the holder has it together
     * @param bool                                              $toHandOn   somebody else should do it
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
        public array $fields = [],
        public ?string $lastReviewerId = null,
        public ?int $wakesAt = null,
        public ?string $waitingFor = null,
        public TaskStatus $resumesAs = TaskStatus::New,
        public array $waitsOn = [],
        public ?Follow $dueFollows = null,
        public array $checklist = [],
        public int $comments = 0,
        public int $files = 0,
        public array $watcherIds = [],
        public ?string $customerId = null,
        public ?string $creatorId = null,
        public ?string $madeById = null,
        public array $linkedTo = [],
        public ?Covering $covering = null,
        public ?Covering $reviewCovering = null,
        public ?string $madeByRule = null,
        public ?FollowingTexts $textFollows = null,
        public ?string $previousHolderId = null,
        public ?Sharing $sharing = null,
        public bool $toHandOn = false,
    ) {}

    public function prioritised(Priority $priority): self
    {
        return $this->with(['priority' => $priority]);
    }

    /** @param Follow|null $follows the date that it follows from now on */
    public function dueAt(?int $instant, ?Follow $follows = null): self
    {
        return $this->with(['dueAt' => $instant, 'dueFollows' => $follows]);
    }

    /** With the due date where the date that it follows puts it, and the texts with what the fields in them say. */
    public function settled(WorkingHours $house, ValueWords $words): self
    {
        $settled =
            $this->dueFollows === null
                ? $this
                : $this->dueAt($this->dueFollows->instant($this, $house), $this->dueFollows);

        return $settled->textFollows?->on($settled, $house->zone(), $words) ?? $settled;
    }

    public function tagged(string $tag): self
    {
        return Plain::like($tag, $this->tags, FieldType::Tags) === null
            ? $this->with(['tags' => [...$this->tags, $tag]])
            : $this;
    }

    public function untagged(string $tag): self
    {
        $gone = Plain::like($tag, $this->tags, FieldType::Tags);

        return $gone === null ? $this : $this->with(['tags' => array_values(array_diff($this->tags, [$gone]))]);
    }

    /** @param string|int|float|bool|list<string>|null $value null: it is emptied */
    public function withField(string $path, string|int|float|bool|array|null $value): self
    {
        $fields = array_diff_key($this->fields, [$path => true]);

        // A text that somebody writes follows nothing any more.
        return $this->with([
            'fields' => $value === null ? $fields : $fields + [$path => $value],
            'textFollows' => $this->textFollows?->without($path),
        ]);
    }

    /** @param list<string> $items that it does not have yet are put on at the end */
    public function withItems(array $items): self
    {
        $known = array_map(static fn(ChecklistItem $item): string => $item->text, $this->checklist);
        $new = array_map(
            static fn(string $text): ChecklistItem => new ChecklistItem($text),
            array_values(array_diff($items, $known)),
        );

        return $new === [] ? $this : $this->with(['checklist' => [...$this->checklist, ...$new]]);
    }

    public function openItems(): int
    {
        return count(array_filter($this->checklist, static fn(ChecklistItem $item): bool => !$item->done));
    }

    /** @param list<string> $people */
    public function watchedBy(array $people): self
    {
        $all = array_values(array_unique([...$this->watcherIds, ...$people]));

        return count($all) === count($this->watcherIds) ? $this : $this->with(['watcherIds' => $all]);
    }

    public function linkedTo(string $taskId): self
    {
        return in_array($taskId, $this->linkedTo, true)
            ? $this
            : $this->with(['linkedTo' => [...$this->linkedTo, $taskId]]);
    }

    public function unlinkedFrom(string $taskId): self
    {
        return $this->with(['linkedTo' => array_values(array_diff($this->linkedTo, [$taskId]))]);
    }

    /** @param array<string, mixed> $changes by property */
    public function with(array $changes): self
    {
        /**
         * @var array{id: string, createdAt: int} $properties and all others, of the types that the constructor gives
         *     them
         */
        $properties = [...get_object_vars($this), ...$changes];

        return new self(...$properties);
    }

    public function equals(self $other): bool
    {
        return $this === $other || PlainState::of($this) === PlainState::of($other);
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
            $this->sharing->withIds ?? [],
            $this->fields,
        );
    }
}
