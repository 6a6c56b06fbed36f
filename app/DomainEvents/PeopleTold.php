<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** A rule tells people something. */
final readonly class PeopleTold implements DomainEvent
{
    /** @param list<string> $peopleIds */
    public function __construct(public array $peopleIds, public string $text) {}

    public static function code(): string
    {
        return 'people_told';
    }

    public static function read(Node $node): self
    {
        return new self($node->textsOf('people'), $node->get('text')->text());
    }

    public function write(): array
    {
        return ['people' => $this->peopleIds, 'text' => $this->text];
    }
}
