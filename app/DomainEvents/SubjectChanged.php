<?php

declare(strict_types=1);

namespace App\DomainEvents;

use OpenBaton\Core\Document\Node;

/**
 * A case, a customer or the house came, was changed, or had its moment, by whatever means and whether or not a rule
 * listens: what coverage holds other rules against.
 */
final readonly class SubjectChanged implements DomainEvent
{
    /** @param array<mixed> $document a change set as ChangeFormat writes it */
    public function __construct(public array $document) {}

    public static function code(): string
    {
        return 'subject_changed';
    }

    public static function read(Node $node): self
    {
        return new self((array) $node->value);
    }

    public function write(): array
    {
        return $this->document;
    }
}
