<?php

declare(strict_types=1);

namespace OpenBaton\Core\Subject\Effect;

use OpenBaton\Core\Subject\ChangeSet;
use OpenBaton\Core\Subject\CustomerFields;
use OpenBaton\Core\Subject\CustomerSubject;
use OpenBaton\Core\Subject\Subject;

/** The customer's owner is whoever holds the task; its other tasks see it. */
final readonly class OwnerGiven implements ReachesOthers
{
    public function __construct(public string $customerId, public string $personId) {}

    public static function code(): string
    {
        return 'owner_given';
    }

    public function on(Subject $subject): Subject
    {
        return match (true) {
            $subject->customerId !== $this->customerId => $subject,
            $subject instanceof CustomerSubject => $subject->heldBy($this->personId),
            default => $subject->withField(CustomerFields::OWNER, $this->personId),
        };
    }

    public function admitted(Admission $admission): self
    {
        return $this;
    }

    public function reach(Reach $reach): void
    {
        $customer = $reach->customer($this->customerId);
        if ($customer !== null) {
            $reach->change($customer, $this->on($customer));
        }
    }

    public function broughtAbout(ChangeSet $change): bool
    {
        return $change->customer()?->id === $this->customerId && !$change->isArrival();
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
