<?php

declare(strict_types=1);

namespace OpenBaton\Core\Parameter;

/** For types whose values stand in documents as they are. */
trait PlainValue
{
    public function write(mixed $value): mixed
    {
        return $value;
    }
}
