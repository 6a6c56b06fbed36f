<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** What an effect on other tasks is let do by the chain that it is in. */
interface Admission
{
    /** @return list<Subject> open tasks and cases that rules have made for the decision's subject, as they are now */
    public function made(): array;

    /** Whether one more task, or case, may be made; asked once for each. */
    public function takesTask(): bool;
}
