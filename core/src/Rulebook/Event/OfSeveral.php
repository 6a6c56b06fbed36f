<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Event;

use OpenBaton\Core\Subject\SubjectKind;

/** A kind of event that several kinds of subject have alike: it says which of them is meant. */
interface OfSeveral extends EventKind
{
    /** @return non-empty-list<SubjectKind> those that have it; the first is meant where none is named */
    public static function subjects(): array;

    public function about(): SubjectKind;
}
