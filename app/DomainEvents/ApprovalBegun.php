<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/** An approval was asked for by a rule, and what it comes to is certain from the beginning. */
final readonly class ApprovalBegun implements DomainEvent
{
    public function __construct(public string $approvalId) {}

    public static function code(): string
    {
        return 'approval_begun';
    }

    public static function read(Node $node): self
    {
        return new self($node->get('approval')->text());
    }

    public function write(): array
    {
        return ['approval' => $this->approvalId];
    }
}
