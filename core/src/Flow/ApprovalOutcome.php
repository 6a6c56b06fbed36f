<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** What an approval came to. */
enum ApprovalOutcome: string
{
    case Yes = 'yes';
    case No = 'no';
    /** There were too few to reach a yes. */
    case Nobody = 'nobody';
    /** Its latest moment came first. */
    case NoAnswer = 'no_answer';
    /** Whoever asked has taken it back. */
    case Withdrawn = 'withdrawn';
}
