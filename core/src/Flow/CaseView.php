<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Criteria\Facts;

/** What the gates of a track look at of a case. */
final readonly class CaseView
{
    /**
     * @param Facts                        $facts        of the case and its customer
     * @param list<NeededTask>             $needed       of whatever stage
     * @param array<array-key, Approval>   $approvals    asked for in this stay in the stage, the latest of each, by key
     * @param list<string>                 $runsFinished keys of the runsheets of which a run was finished in this stay
     */
    public function __construct(
        public Facts $facts,
        public ?string $ownerId = null,
        private array $needed = [],
        private array $approvals = [],
        public array $runsFinished = [],
    ) {}

    /** @return list<NeededTask> that are needed for a stage and neither done nor dropped */
    public function openFor(string $stage): array
    {
        return array_values(
            array_filter(
                $this->needed,
                static fn(NeededTask $task): bool => $task->stage === $stage && $task->status->isOpen(),
            ),
        );
    }

    /** Whether any needed task is open. */
    public function hasOpenNeeded(): bool
    {
        foreach ($this->needed as $task) {
            if ($task->status->isOpen()) {
                return true;
            }
        }

        return false;
    }

    public function isApproved(string $approval): bool
    {
        return ($this->approvals[$approval] ?? null)?->outcome === ApprovalOutcome::Yes;
    }

    /** @return string|null who is asked for it now, the first of them; null: nobody */
    public function askedFor(string $approval): ?string
    {
        $asked = $this->approvals[$approval] ?? null;
        $place = $asked?->asks()[0] ?? null;

        return $place === null ? null : $asked?->places[$place]->byId;
    }
}
