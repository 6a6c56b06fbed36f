<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** Somebody is reminded that their answer is wanted. */
final readonly class ApproverReminded implements DomainEvent
{
    /** @param string $name of the approval */
    public function __construct(public string $personId, public string $name) {}

    public static function code(): string
    {
        return 'approver_reminded';
    }

    public static function read(Node $node): self
    {
        return new self($node->get('person')->text(), $node->get('name')->text());
    }

    public function write(): array
    {
        return ['person' => $this->personId, 'name' => $this->name];
    }
}
