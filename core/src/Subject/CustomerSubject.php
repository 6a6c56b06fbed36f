<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\Zone;

/** The whole state of a customer. Whoever looks after it is its owner. */
final readonly class CustomerSubject extends Subject
{
    /**
     * @param int          $createdAt instant; 0: it is not known
     * @param string|null  $holderId  its owner
     * @param list<string> $tags
     * @param array<string, string|int|float|bool|list<string>> $fields by path
     * @param bool         $retired   nothing is to be done about it any more
     */
    public function __construct(
        string $id,
        int $createdAt = 0,
        ?string $holderId = null,
        array $tags = [],
        array $fields = [],
        public bool $retired = false,
    ) {
        parent::__construct(
            $id,
            $createdAt,
            $holderId,
            [],
            $tags,
            $fields,
            0,
            0,
            [],
            $id,
            null,
            null,
            null,
            null,
            null,
        );
    }

    public static function kind(): SubjectKind
    {
        return SubjectKind::Customer;
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
        return !$this->retired;
    }

    public function seen(Zone $zone): array
    {
        return CustomerFields::seen($this, $zone);
    }

    public function carried(Zone $zone): array
    {
        return $this->seen($zone);
    }

    public function title(): string
    {
        return $this->text(CustomerFields::NAME);
    }

    public function keeps(string $path): bool
    {
        return CustomerFields::isOf($path);
    }

    public function moment(string $path): ?int
    {
        return $path === CustomerFields::ADDED && $this->createdAt !== 0 ? $this->createdAt : null;
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
        return $this->heldBy($personId);
    }

    /** Nobody looks after a customer in somebody's place: their work for it is covered. */
    public function heldBy(?string $personId, array $openTo = [], ?Covering $covering = null): static
    {
        return $this->with(['holderId' => $personId]);
    }

    public function settled(WorkingHours $house, ValueWords $words): static
    {
        return $this;
    }

    /** What is to be done for it are its tasks. */
    public function asWork(): null
    {
        return null;
    }

    public function with(array $changes): static
    {
        /**
         * @var array{id: string, createdAt: int, holderId: string|null, tags: list<string>,
         *     fields: array<string, string|int|float|bool|list<string>>, retired: bool} $now
         */
        $now = [
            ...[
                'id' => $this->id,
                'createdAt' => $this->createdAt,
                'holderId' => $this->holderId,
                'tags' => $this->tags,
                'fields' => $this->fields,
                'retired' => $this->retired,
            ],
            ...array_intersect_key($changes, array_flip(['holderId', 'tags', 'fields', 'retired'])),
        ];

        return new self(...$now);
    }
}
