<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Subject\SubjectKind;

/** A kind of event that tasks and cases have alike: it says which of them is meant. */
interface OfEither extends EventKind
{
    public function about(): SubjectKind;
}
