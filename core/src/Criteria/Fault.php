<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** Something that is not right in a document, where it stands and what to do. */
final readonly class Fault
{
    /**
     * @param string $pointer    a JSON pointer (RFC 6901)
     * @param bool   $unfinished something is still to be given; nothing that was given is wrong
     */
    public function __construct(public string $pointer, public string $reason, public bool $unfinished = false) {}
}
