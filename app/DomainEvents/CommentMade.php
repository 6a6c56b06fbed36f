<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** Somebody has said something on a task, which others hold or review. */
final readonly class CommentMade implements DomainEvent
{
    /** @param list<string> $peopleIds whose it is */
    public function __construct(public array $peopleIds, public bool $fromCustomer) {}

    public static function code(): string
    {
        return 'comment_made';
    }

    public static function read(Node $node): self
    {
        return new self($node->textsOf('people'), $node->get('from_customer')->bool());
    }

    public function write(): array
    {
        return ['people' => $this->peopleIds, 'from_customer' => $this->fromCustomer];
    }
}
