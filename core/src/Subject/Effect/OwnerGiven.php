<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\Subject;

/** The customer's owner is whoever holds the task. */
final readonly class OwnerGiven implements Effect
{
    /** The field in which tasks see the owner of their customer. */
    public const FIELD = 'customer.owner';

    public function __construct(public string $customerId, public string $personId) {}

    public function on(Subject $subject): Subject
    {
        return $subject->customerId === $this->customerId ? $subject->withField(self::FIELD, $this->personId) : $subject;
    }

    public function write(): array
    {
        return ['effect' => 'owner_given', 'person' => $this->personId];
    }
}
