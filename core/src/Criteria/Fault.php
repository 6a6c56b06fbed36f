<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** Something that is not right in a document, where it stands and what to do. */
final readonly class Fault
{
    /** @param string $pointer a JSON pointer (RFC 6901) */
    public function __construct(public string $pointer, public string $reason) {}
}
