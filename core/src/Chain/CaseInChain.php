<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use OpenBaton\Core\Flow\CaseRecords;

/** What is known of a case, as a chain has it by now. */
final readonly class CaseInChain implements CaseRecords
{
    public function __construct(private ChainState $state, private string $caseId) {}

    public function needed(): array
    {
        return CaseTies::needed($this->state, $this->caseId);
    }

    public function approvals(): array
    {
        return $this->state->surroundings->approvals($this->caseId);
    }

    public function runsFinished(int $since): array
    {
        return $this->state->surroundings->runsFinished($this->caseId, $since);
    }

    public function workers(): array
    {
        return $this->state->surroundings->workersIn($this->caseId);
    }
}
