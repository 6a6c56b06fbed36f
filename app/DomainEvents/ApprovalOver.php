<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Flow\ApprovalOutcome;

/** An approval is settled. */
final readonly class ApprovalOver implements DomainEvent
{
    /** @param list<string> $peopleIds who is to hear of it */
    public function __construct(public string $name, public ApprovalOutcome $outcome, public array $peopleIds) {}

    public static function code(): string
    {
        return 'approval_over';
    }

    public static function read(Node $node): self
    {
        return new self(
            $node->get('name')->text(),
            $node->get('outcome')->case(ApprovalOutcome::class),
            $node->textsOf('people'),
        );
    }

    public function write(): array
    {
        return ['name' => $this->name, 'outcome' => $this->outcome->value, 'people' => $this->peopleIds];
    }
}
