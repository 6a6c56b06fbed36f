<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Gate;

use OpenBaton\Core\Flow\CaseView;
use OpenBaton\Core\Rulebook\Part;

/** What must hold before a case leaves a stage forwards, or enters one. */
interface Gate extends Part
{
    /**
     * @param string $stage key of the stage at which it stands
     *
     * @return list<Missing> what does not hold yet; none: it is open
     */
    public function missing(CaseView $case, string $stage): array;
}
