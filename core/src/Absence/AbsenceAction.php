<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** What is done with an absence, and when. Who may do it, the policies say. */
enum AbsenceAction
{
    case Decide;
    case Change;
    case End;
    case HandOver;
    case SetCover;

    /**
     * @param int  $now        instant
     * @param bool $handedOver its work has passed to others
     * @param bool $handedBack it is over, and what was to come back has come back
     */
    public function fits(Absence $absence, int $now, bool $handedOver, bool $handedBack): bool
    {
        return match ($this) {
            self::Decide => $absence->status === AbsenceStatus::Asked,
            self::Change => $absence->status->isAlive() && $absence->span->to > $now,
            self::End => $absence->status->leadsTo(AbsenceStatus::Cancelled) && $absence->span->to > $now,
            self::HandOver => $absence->counts() && !$handedOver && $absence->span->from > $now,
            self::SetCover => $absence->status->isAlive() && !$handedBack,
        };
    }
}
