<?php

declare(strict_types=1);

namespace OpenBaton\Core\Alert;

/** What leads are alerted to. */
enum AlertKind: string
{
    /** Somebody has more to do than so many percent of their time. */
    case Overload = 'overload';
    /** By the plan a task will be ready so many minutes after it is due, or more. */
    case CannotBeInTime = 'cannot_be_in_time';
    /** Nobody has had a task for so many minutes. */
    case Unplaced = 'unplaced';
    /** On the next working day nobody is there who has a skill. */
    case SkillMissing = 'skill_missing';
    case GivenUp = 'given_up';
    /** What follows from rules was cut short. */
    case Cut = 'cut';
    /** The task of a standing duty could not be made for its last date. */
    case DutyNotMade = 'duty_not_made';

    /** @return int|null in percent or minutes, as its case says; null: it has none */
    public function usualThreshold(): ?int
    {
        return match ($this) {
            self::Overload => 130,
            self::CannotBeInTime => 1,
            self::Unplaced => 60,
            default => null,
        };
    }

    public function mostThreshold(): int
    {
        return $this === self::Overload ? 1_000 : 20_160;
    }
}
