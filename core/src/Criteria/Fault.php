<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Slots;

/** Something that is not right in a document, where it stands and what to do. */
final readonly class Fault
{
    public string $reason;

    /**
     * @param string                       $pointer    a JSON pointer (RFC 6901)
     * @param string                       $message    the reason with its slots in braces; other languages go by it
     * @param bool                         $unfinished something is still to be given; nothing that was given is wrong
     * @param array<array-key, string|int> $slots      what stands in them, by name
     * @param string|null $missing the member of what the pointer points at that is not there; null: it is about all of
     *     that
     */
    public function __construct(
        public string $pointer,
        public string $message,
        public bool $unfinished = false,
        public array $slots = [],
        public ?string $missing = null,
    ) {
        $this->reason = Slots::fill($message, $slots);
    }
}
