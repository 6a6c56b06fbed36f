<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** What a task or a case has people in. */
enum SeatName: string
{
    case Holder = 'holder';
    /** In whose hands it is while in review. */
    case Reviewer = 'reviewer';
    /** Who has a case. */
    case Owner = 'owner';

    /** Those of a task. */
    public const OF_TASK = [self::Holder, self::Reviewer];

    /** @return self|null null: it is the only one */
    public function other(): ?self
    {
        return match ($this) {
            self::Holder => self::Reviewer,
            self::Reviewer => self::Holder,
            self::Owner => null,
        };
    }
}
