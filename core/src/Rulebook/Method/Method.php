<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Rulebook\Input;
use OpenBaton\Core\Rulebook\Part;

/** A way of choosing one of those who are eligible. */
interface Method extends Part
{
    /** @return list<Input> */
    public static function inputs(): array;

    public function choose(Selection $selection): Choice;
}
