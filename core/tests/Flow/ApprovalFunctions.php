<?php

declare(strict_types=1);

use OpenBaton\Core\Flow\Approval;
use OpenBaton\Core\Flow\ApprovalRule;
use OpenBaton\Core\Flow\Approvers;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Tests\Support\Build;

/** Monday, 2 March 2026, ten o'clock; Tobias is away this week, and Marek answers for him. */
function approversBut(string ...$barred): Approvers
{
    $people = array_map(static fn(string $id): Person => Build::person($id), [
        'hanneke',
        'tobias',
        'marek',
        'oona',
        'ines',
        'femi',
    ]);
    $roster = new Roster(
        Build::calendar(),
        $people,
        absences: [Build::absence('tobias', '2026-03-02 00:00', '2026-03-07 00:00', ['marek'])],
    );

    return new Approvers($roster, array_values($barred), Build::at('2026-03-02 10:00'));
}

/** @param list<string> $people */
function approvalAsked(ApprovalRule $rule, array $people, string ...$barred): Approval
{
    return Approval::ask($rule, $people, approversBut(...$barred), 100, 1_000);
}

/** @param array<string, string> $votes by whoever gives them, in order */
function approvalVoted(Approval $approval, array $votes): Approval
{
    foreach ($votes as $who => $vote) {
        $approval = $approval->answer($who, Vote::from($vote), null, 200);
    }

    return $approval;
}

/** @return list<string|null> who is asked now */
function whoIsAsked(Approval $approval): array
{
    return array_map(static fn(int $place): ?string => $approval->places[$place]->byId, $approval->asks());
}
