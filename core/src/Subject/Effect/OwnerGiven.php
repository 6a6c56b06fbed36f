<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\Subject;

/** The customer's owner is whoever holds the task. */
final readonly class OwnerGiven implements ReachesOutside, ReachesOthers
{
    /** The field in which tasks see the owner of their customer. */
    public const FIELD = 'customer.owner';

    public function __construct(public string $customerId, public string $personId) {}

    public static function code(): string
    {
        return 'owner_given';
    }

    public function on(Subject $subject): Subject
    {
        return $subject->customerId === $this->customerId
            ? $subject->withField(self::FIELD, $this->personId)
            : $subject;
    }

    public function admitted(Admission $admission): self
    {
        return $this;
    }

    public function reach(Reach $reach): void
    {
        foreach ($reach->ofCustomer($this->customerId) as $other) {
            $reach->change($other, $this->on($other));
        }
    }

    public function broughtAbout(ChangeSet $change): bool
    {
        return !$change->isArrival();
    }

    public function accumulates(): bool
    {
        return false;
    }

    public function write(): array
    {
        return ['person' => $this->personId];
    }
}
