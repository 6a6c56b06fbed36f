<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** When a block of a run is expected to begin and to end. */
final readonly class Expected
{
    /**
     * @param int  $from   instant
     * @param int  $to     instant
     * @param bool $counts false: it is skipped, or dropped
     */
    public function __construct(public int $from, public int $to, public bool $counts = true) {}
}
