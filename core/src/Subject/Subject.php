<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Criteria\Operator\Plain;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\Zone;
use OpenBaton\Core\Workload\WorkItem;

/** What events are about: its whole state, as decisions see it and effects change it; here, what all kinds share. */
abstract readonly class Subject
{
    /**
     * @param int           $createdAt        instant
     * @param string|null   $holderId         who has it: of a case, its owner
     * @param list<string>  $openTo           people who may claim it
     * @param list<string>  $tags
     * @param array<string, string|int|float|bool|list<string>> $fields all that is neither state nor derived from it,
     *     by path: fields of the house, of the case, of the customer
     * @param list<string>  $watcherIds
     * @param Covering|null $covering         where whoever has it has it for somebody who is away
     * @param string|null   $previousHolderId who had it before
     * @param string|null   $madeById         the task or case that it was made for
     * @param string|null   $madeByRule       the rule that made it, by id
     */
    public function __construct(
        public string $id,
        public int $createdAt,
        public ?string $holderId,
        public array $openTo,
        public array $tags,
        public array $fields,
        public int $comments,
        public int $files,
        public array $watcherIds,
        public ?string $customerId,
        public ?string $creatorId,
        public ?Covering $covering,
        public ?string $previousHolderId,
        public ?string $madeById,
        public ?string $madeByRule,
    ) {}

    abstract public static function kind(): SubjectKind;

    /** Whose it is, whoever else there may be. */
    abstract public static function mainSeat(): SeatName;

    /** @return list<SeatName> all that it has */
    abstract public static function seats(): array;

    /** @param array<string, mixed> $changes by property */
    abstract public function with(array $changes): static;

    /** Whether anything is still to be done about it. */
    abstract public function isOpen(): bool;

    /**
     * All that criteria and merged texts see of it.
     *
     * @return array<string, string|int|float|bool|list<string>> values by path; what is missing is not there
     */
    abstract public function seen(Zone $zone): array;

    abstract public function title(): string;

    /** Whether it has a field, or sees it of what it belongs to. */
    abstract public function keeps(string $path): bool;

    /** Of date fields that are known to the second, the instant. */
    abstract public function moment(string $path): ?int;

    /** The seats in which it may have somebody now. */
    abstract public function hasSeat(SeatName $seat): bool;

    /** @return list<string> all who are in a seat */
    abstract public function inSeat(SeatName $seat): array;

    abstract public function seated(SeatName $seat, ?string $personId, ?Covering $covering): static;

    /**
     * @param list<string>  $openTo   who may claim it, where nobody has it
     * @param Covering|null $covering where they have it for somebody who is away
     */
    abstract public function heldBy(?string $personId, array $openTo = [], ?Covering $covering = null): static;

    /** With all that follows something else where that puts it. */
    abstract public function settled(WorkingHours $house, ValueWords $words): static;

    /** It as the load of whoever it loads; null: it loads nobody. */
    abstract public function asWork(): ?WorkItem;

    /** @return list<string> all who have it */
    public function holderIds(): array
    {
        return $this->holderId === null ? [] : [$this->holderId];
    }

    /** @return list<string> who has it, and who had it last, each once */
    public function lastHands(): array
    {
        return array_values(
            array_unique(array_filter([...$this->holderIds(), $this->previousHolderId], is_string(...))),
        );
    }

    /**
     * What is made for it has of it from the beginning: what it keeps, and what is seen of its case.
     *
     * @return array<string, string|int|float|bool|list<string>> by path
     */
    public function carried(Zone $zone): array
    {
        return $this->fields;
    }

    /** In whose place whoever is in a seat is there. */
    public function coveringOf(SeatName $seat): ?Covering
    {
        return $this->covering;
    }

    public function occupant(SeatName $seat): ?string
    {
        return $this->inSeat($seat)[0] ?? null;
    }

    /** @return list<string> who is in the seat beside it */
    public function beside(SeatName $seat): array
    {
        $other = $seat->other();

        return $other === null ? [] : $this->inSeat($other);
    }

    protected function text(string $path): string
    {
        $text = $this->fields[$path] ?? '';

        return is_string($text) ? $text : '';
    }

    public function tagged(string $tag): static
    {
        return Plain::like($tag, $this->tags, FieldType::Tags) === null
            ? $this->with(['tags' => [...$this->tags, $tag]])
            : $this;
    }

    public function untagged(string $tag): static
    {
        $gone = Plain::like($tag, $this->tags, FieldType::Tags);

        return $gone === null ? $this : $this->with(['tags' => array_values(array_diff($this->tags, [$gone]))]);
    }

    /** @param string|int|float|bool|list<string>|null $value null: it is emptied */
    public function withField(string $path, string|int|float|bool|array|null $value): static
    {
        $fields = array_diff_key($this->fields, [$path => true]);

        return $this->with(['fields' => $value === null ? $fields : $fields + [$path => $value]]);
    }

    /** @param array<string, string|int|float|bool|list<string>|null> $values by path; null: it is emptied */
    public function withFields(array $values): static
    {
        $one = $this;
        foreach ($values as $path => $value) {
            $one = $one->withField($path, $value);
        }

        return $one;
    }

    /** @param list<string> $people */
    public function watchedBy(array $people): static
    {
        $all = array_values(array_unique([...$this->watcherIds, ...$people]));

        return count($all) === count($this->watcherIds) ? $this : $this->with(['watcherIds' => $all]);
    }

    public function equals(self $other): bool
    {
        return $this === $other || ($this::class === $other::class && PlainState::of($this) === PlainState::of($other));
    }
}
