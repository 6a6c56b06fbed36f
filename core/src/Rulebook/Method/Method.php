<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Document\Part;

/** A way of choosing one of those who are eligible. */
interface Method extends Part
{
    public function choose(Selection $selection): Choice;

    /** Whether it looks at what people have in hand. */
    public function looksAtWork(): bool;

    /** Whether it looks at when work last came to people. */
    public function looksAtLastAssigned(): bool;
}
