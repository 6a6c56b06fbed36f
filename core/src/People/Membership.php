<?php

declare(strict_types=1);

namespace OpenBaton\Core\People;

use InvalidArgumentException;
use OpenBaton\Core\Time\LocalDate;

/**
 * A person in a team, with the weight of their turns in it in hundredths (100 is a full turn), for good or for some
 * time.
 */
final readonly class Membership
{
    public const FULL_WEIGHT = 100;

    public const MOST_WEIGHT = 1000;

    /**
     * @param LocalDate|null $from  first day in it; null: since ever
     * @param LocalDate|null $until last day in it; null: for good
     * @param string|null    $inPlaceOf whose turns they take, since that one is away
     */
    public function __construct(
        public string $personId,
        public int $weight = self::FULL_WEIGHT,
        public ?LocalDate $from = null,
        public ?LocalDate $until = null,
        public ?string $inPlaceOf = null,
    ) {
        if ($weight < 1 || $weight > self::MOST_WEIGHT) {
            throw new InvalidArgumentException('A weight is 1 to 1000 hundredths.');
        }
        if ($from !== null && $until !== null && $until->day < $from->day) {
            throw new InvalidArgumentException('The last day in a team is not before the first.');
        }
    }

    /** Somebody who has this one's turns while they are away. */
    public function takenBy(string $substituteId): self
    {
        return new self($substituteId, $this->weight, inPlaceOf: $this->seat());
    }

    /** Whose turns they are. */
    public function seat(): string
    {
        return $this->inPlaceOf ?? $this->personId;
    }

    public function isOn(LocalDate $date): bool
    {
        return ($this->from === null || $this->from->day <= $date->day) &&
            ($this->until === null || $date->day <= $this->until->day);
    }

    /**
     * @param array<array-key, self> $members
     *
     * @return list<string> ids of the people, in order
     */
    public static function ids(array $members): array
    {
        return array_values(array_map(static fn(self $member): string => $member->personId, $members));
    }
}
