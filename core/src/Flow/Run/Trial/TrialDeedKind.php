<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run\Trial;

/** What somebody says to happen in a run that is tried out. */
enum TrialDeedKind: string
{
    case Done = 'done';
    case Dropped = 'dropped';
    case Yes = 'yes';
    case No = 'no';
    case NoAnswer = 'no_answer';
    case Again = 'again';
    case Without = 'without';
    case Back = 'back';
    /** Time goes by. */
    case Later = 'later';
}
