<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook;

/** What a task has people in. */
enum SeatName: string
{
    case Holder = 'holder';
    /** In whose hands it is while in review. */
    case Reviewer = 'reviewer';

    public function other(): self
    {
        return $this === self::Holder ? self::Reviewer : self::Holder;
    }
}
