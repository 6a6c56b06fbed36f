<?php

declare(strict_types=1);

namespace OpenBaton\Core\Message;

/** One for whom a message is. */
final readonly class Recipient
{
    /** @param string $id of a person, a customer or a team */
    public function __construct(public RecipientKind $kind, public string $id) {}

    /** By which it is told from all others. */
    public function key(): string
    {
        return "{$this->kind->value}:{$this->id}";
    }
}
