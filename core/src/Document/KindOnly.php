<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

/** For parts that say all by their kind. */
trait KindOnly
{
    use NothingToCheck;

    public static function read(Node $node): static
    {
        return new self();
    }

    public function write(): array
    {
        return ['kind' => self::kind()];
    }
}
