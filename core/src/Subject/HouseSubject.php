<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

use OpenBaton\Core\Absence\Covering;
use OpenBaton\Core\Rulebook\SeatName;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Time\WorkingHours;
use OpenBaton\Core\Time\Zone;

/** The house itself, for which something is to be done at a moment of the calendar. Nothing of it changes. */
final readonly class HouseSubject extends Subject
{
    public const ID = 'house';

    public function __construct()
    {
        parent::__construct(self::ID, 0, null, [], [], [], 0, 0, [], null, null, null, null, null, null);
    }

    public static function kind(): SubjectKind
    {
        return SubjectKind::House;
    }

    public static function mainSeat(): SeatName
    {
        return SeatName::Owner;
    }

    public static function seats(): array
    {
        return [];
    }

    public function isOpen(): bool
    {
        return true;
    }

    public function seen(Zone $zone): array
    {
        return [];
    }

    public function title(): string
    {
        return '';
    }

    public function keeps(string $path): bool
    {
        return false;
    }

    public function moment(string $path): ?int
    {
        return null;
    }

    public function hasSeat(SeatName $seat): bool
    {
        return false;
    }

    public function inSeat(SeatName $seat): array
    {
        return [];
    }

    public function seated(SeatName $seat, ?string $personId, ?Covering $covering): static
    {
        return $this;
    }

    public function heldBy(?string $personId, array $openTo = [], ?Covering $covering = null): static
    {
        return $this;
    }

    public function settled(WorkingHours $house, ValueWords $words): static
    {
        return $this;
    }

    public function asWork(): null
    {
        return null;
    }

    public function with(array $changes): static
    {
        return $this;
    }
}
