<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject;

/** With whom the holder of a task has it together. */
final readonly class Sharing
{
    /**
     * @param non-empty-list<string> $withIds    the others, in order
     * @param bool                   $doTogether whoever starts it does not get it alone
     */
    public function __construct(public array $withIds, public bool $doTogether = false) {}
}
