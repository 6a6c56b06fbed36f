<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\RefusedMove;
use OpenBaton\Core\Flow\Stays;
use OpenBaton\Core\Flow\Track;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\Zone;

/** The whole state of a case. Whoever has it is its owner. */
final readonly class CaseSubject extends Subject
{
    /**
     * @param int           $createdAt instant
     * @param string        $trackId   the track that it goes
     * @param Stays         $stays     where it has stood, at least the last of them
     * @param string|null   $outcome   code, of one that is closed
     * @param string|null   $holderId  its owner
     * @param list<string>  $openTo    people who may take it
     * @param list<string>  $tags
     * @param array<string, string|int|float|bool|list<string>> $fields by path
     * @param list<string>  $watcherIds
     * @param Covering|null $covering  where the owner has it for somebody who is away
     * @param string|null   $previousHolderId who owned it before
     * @param string|null   $parentId   the case above it
     * @param string|null   $madeById   the task or case that it was opened for
     * @param string|null   $madeByRule the rule that opened it, by id
     * @param int           $openNeeded how many tasks are open that are needed for the stage in which it stands
     * @param int           $runs       of runsheets on it that are not over
     * @param RefusedMove|null $refused what a rule would have had happen to it last, and could not
     */
    public function __construct(
        string $id,
        int $createdAt,
        public string $trackId,
        public Stays $stays,
        public ?string $outcome = null,
        ?string $holderId = null,
        array $openTo = [],
        array $tags = [],
        array $fields = [],
        int $comments = 0,
        int $files = 0,
        array $watcherIds = [],
        ?string $customerId = null,
        ?string $creatorId = null,
        ?Covering $covering = null,
        ?string $previousHolderId = null,
        public ?string $parentId = null,
        ?string $madeById = null,
        ?string $madeByRule = null,
        public int $openNeeded = 0,
        public ?RefusedMove $refused = null,
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

    /**
     * A case that opens for a task, a case or a customer: for the same customer, below a case. It has no id yet.
     *
     * @param string      $title cut to what a title holds
     * @param string|null $stage where no case begins in it: the first
     */
    public static function openedFor(Subject $for, Track $track, string $title, int $at, ?string $stage = null): self
    {
        return new self(
            '',
            $at,
            $track->id,
            Stays::begin($stage !== null && $track->takes($stage) ? $stage : $track->first()->key, $at),
            fields: [CaseFields::TITLE => mb_substr($title, 0, TextLimits::NAME)] +
                array_filter(
                    CaseFields::without($for->fields),
                    static fn(string $path): bool => !str_starts_with($path, StateFields::PREFIX),
                    ARRAY_FILTER_USE_KEY,
                ),
            customerId: $for->customerId,
            parentId: $for instanceof self ? $for->id : null,
        );
    }

    public static function kind(): SubjectKind
    {
        return SubjectKind::Matter;
    }

    public static function mainSeat(): SeatName
    {
        return SeatName::Owner;
    }

    public static function seats(): array
    {
        return [SeatName::Owner];
    }

    public function isOpen(): bool
    {
        return !$this->stays->isClosed();
    }

    /** The stage in which it stands, or stood last, by key. */
    public function stage(): string
    {
        return $this->stays->current()->stage;
    }

    /** The stage as the field of it has it. */
    public function stagePath(): string
    {
        return CaseFields::ofTrack($this->trackId, $this->stage());
    }

    /** The outcome as the field of it has it. */
    public function outcomePath(): ?string
    {
        return $this->outcome === null ? null : CaseFields::ofTrack($this->trackId, $this->outcome);
    }

    /** Moved, closed or reopened. */
    public function standing(Stays $stays, ?string $outcome = null): static
    {
        return $this->with([
            'stays' => $stays,
            'outcome' => $stays->isClosed() ? $outcome : null,
            'refused' => null,
        ]);
    }

    public function seen(Zone $zone): array
    {
        return CaseFields::seen($this, $zone);
    }

    public function carried(Zone $zone): array
    {
        return CaseFields::ofCase($this, $zone) + $this->fields;
    }

    public function title(): string
    {
        return $this->text(CaseFields::TITLE);
    }

    public function keeps(string $path): bool
    {
        return !str_starts_with($path, StateFields::PREFIX);
    }

    public function moment(string $path): ?int
    {
        return CaseFields::moment($path, $this);
    }

    public function hasSeat(SeatName $seat): bool
    {
        return $seat === SeatName::Owner;
    }

    public function inSeat(SeatName $seat): array
    {
        return $seat === SeatName::Owner ? $this->holderIds() : [];
    }

    public function seated(SeatName $seat, ?string $personId, ?Covering $covering): static
    {
        return $this->heldBy($personId, [], $covering);
    }

    public function heldBy(?string $personId, array $openTo = [], ?Covering $covering = null): static
    {
        return $this->with([
            'holderId' => $personId,
            'openTo' => $openTo,
            'covering' => $covering,
            'previousHolderId' =>
                $this->holderId !== null && $this->holderId !== $personId ? $this->holderId : $this->previousHolderId,
        ]);
    }

    public function settled(WorkingHours $house, ValueWords $words): static
    {
        return $this;
    }

    /** What is to be done in it are its tasks. */
    public function asWork(): null
    {
        return null;
    }

    public function with(array $changes): static
    {
        /**
         * @var array{id: string, createdAt: int, trackId: string, stays: Stays} $properties and all others, of the
         *     types that the constructor gives them
         */
        $properties = [...get_object_vars($this), ...$changes];

        return new self(...$properties);
    }
}
