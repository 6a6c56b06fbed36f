<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** What became of the work of a step. */
enum StepEnd
{
    case Done;
    case Dropped;
    /** It could not be carried out, or was withdrawn. */
    case Failed;
}
