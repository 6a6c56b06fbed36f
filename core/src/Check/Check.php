<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/**
 * One kind of fault that rules can have. A new one is one class, one line in StandardChecks and one sentence under
 * "check" in resources/words.
 */
interface Check
{
    /** Its code, which never changes. */
    public static function code(): string;

    /** @return iterable<Finding> */
    public function find(Examination $of): iterable;
}
