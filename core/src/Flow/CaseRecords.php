<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

/** What is known of a case besides its state; each asked where something is to look at it. */
interface CaseRecords
{
    /** @return list<NeededTask> the open ones, of whatever stage */
    public function needed(): array;

    /** @return array<array-key, Approval> the latest of each that was asked for on it, by name */
    public function approvals(): array;

    /** @return list<string> keys of the runsheets of which a run on it was finished since an instant */
    public function runsFinished(int $since): array;

    /** @return list<string> ids of people who have done tasks in it */
    public function workers(): array;
}
