<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Text\FollowingTexts;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\Effort;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;
use OpenBaton\Core\Workload\WorkItem;

/** The whole state of a task, as decisions see it and effects change it. */
final readonly class TaskSubject extends Subject
{
    use InCase;
    use InSeats;
    use InStatus;

    /**
     * @param int                                               $createdAt  instant
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
     * @param Sharing|null                                      $sharing    with whom the holder has it together
     * @param bool                                              $toHandOn   somebody else should do it
     * @param string|null                                       $stage      of the case in which it was made, by key
     * @param bool                                              $needed     for that stage
     * @param string|null                                       $answers    the approval that it asks for, by name
     * @param int                                               $runs       of runsheets on it that are not over
     */
    public function __construct(
        string $id,
        int $createdAt,
        public Effort $effort = new Effort(),
        public TaskStatus $status = TaskStatus::New,
        public Priority $priority = Priority::Normal,
        ?string $holderId = null,
        array $openTo = [],
        public ?string $reviewerId = null,
        public ?int $startAt = null,
        public ?int $dueAt = null,
        array $tags = [],
        array $fields = [],
        public ?string $lastReviewerId = null,
        public ?int $wakesAt = null,
        public ?string $waitingFor = null,
        public TaskStatus $resumesAs = TaskStatus::New,
        public array $waitsOn = [],
        public ?Follow $dueFollows = null,
        public array $checklist = [],
        int $comments = 0,
        int $files = 0,
        array $watcherIds = [],
        ?string $customerId = null,
        ?string $creatorId = null,
        ?string $madeById = null,
        public array $linkedTo = [],
        ?Covering $covering = null,
        public ?Covering $reviewCovering = null,
        ?string $madeByRule = null,
        public ?FollowingTexts $textFollows = null,
        ?string $previousHolderId = null,
        public ?Sharing $sharing = null,
        public bool $toHandOn = false,
        public ?string $caseId = null,
        public ?string $stage = null,
        public bool $needed = false,
        public ?string $answers = null,
        public int $runs = 0,
    ) {
        parent::__construct(
            $id,
            $createdAt,
            $holderId,
            $openTo,
            $tags,
            $fields,
            $comments,
            $files,
            $watcherIds,
            $customerId,
            $creatorId,
            $covering,
            $previousHolderId,
            $madeById,
            $madeByRule,
        );
    }

    public static function kind(): SubjectKind
    {
        return SubjectKind::Task;
    }

    public static function mainSeat(): SeatName
    {
        return SeatName::Holder;
    }

    public static function seats(): array
    {
        return SeatName::OF_TASK;
    }

    public function isOpen(): bool
    {
        return $this->status->isOpen();
    }

    public function seen(Zone $zone): array
    {
        return StateFields::seen($this, $zone);
    }

    public function title(): string
    {
        return $this->text(StateFields::TITLE);
    }

    public function keeps(string $path): bool
    {
        return $this->caseId !== null || !str_starts_with($path, CaseFields::PREFIX);
    }

    public function moment(string $path): ?int
    {
        return StateFields::moment($path, $this);
    }

    public function prioritised(Priority $priority): static
    {
        return $this->with(['priority' => $priority]);
    }

    /** @param Follow|null $follows the date that it follows from now on */
    public function dueAt(?int $instant, ?Follow $follows = null): static
    {
        return $this->with(['dueAt' => $instant, 'dueFollows' => $follows]);
    }

    /** With the due date where the date that it follows puts it, and the texts with what the fields in them say. */
    public function settled(WorkingHours $house, ValueWords $words): static
    {
        $settled =
            $this->dueFollows === null
                ? $this
                : $this->dueAt($this->dueFollows->instant($this, $house), $this->dueFollows);

        return $settled->textFollows?->on($settled, $house->zone(), $words) ?? $settled;
    }

    /** @param string|int|float|bool|list<string>|null $value null: it is emptied */
    public function withField(string $path, string|int|float|bool|array|null $value): static
    {
        // A text that somebody writes follows nothing any more.
        return parent::withField($path, $value)->with(['textFollows' => $this->textFollows?->without($path)]);
    }

    /** @param list<string> $items that it does not have yet are put on at the end */
    public function withItems(array $items): static
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

    public function linkedTo(string $taskId): static
    {
        return in_array($taskId, $this->linkedTo, true)
            ? $this
            : $this->with(['linkedTo' => [...$this->linkedTo, $taskId]]);
    }

    public function unlinkedFrom(string $taskId): static
    {
        return $this->with(['linkedTo' => array_values(array_diff($this->linkedTo, [$taskId]))]);
    }

    public function with(array $changes): static
    {
        /**
         * @var array{id: string, createdAt: int} $properties and all others, of the types that the constructor gives
         *     them
         */
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
            $this->sharing->withIds ?? [],
            $this->fields,
        );
    }
}
