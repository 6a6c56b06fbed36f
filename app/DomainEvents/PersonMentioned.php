<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** Somebody is named in what was said. */
final readonly class PersonMentioned implements DomainEvent
{
    public function __construct(public string $personId) {}

    public static function code(): string
    {
        return 'person_mentioned';
    }

    public static function read(Node $node): self
    {
        return new self($node->get('person')->text());
    }

    public function write(): array
    {
        return ['person' => $this->personId];
    }
}
