<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** Why somebody is away, as far as others need to know. */
enum AbsenceKind: string
{
    case Leave = 'leave';
    case Ill = 'ill';
    case Training = 'training';
    case Other = 'other';
}
