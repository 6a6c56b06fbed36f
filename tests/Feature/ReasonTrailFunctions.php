<?php

declare(strict_types=1);

/**
 * @param array<string, mixed> $verdict
 *
 * @return array<string, mixed>
 */
function traceOf(array $verdict, string $outcome = 'assigned', ?string $assignee = 'ayumi'): array
{
    return [
        'at' => '2026-03-02T10:00:00Z',
        'rulebook_version' => '7',
        'outcome' => $outcome,
        'assignee' => $assignee,
        'open_to' => [],
        'effects' => [],
        'verdicts' => [$verdict + ['rule' => 'r', 'name' => 'R', 'verdict' => 'decided', 'house' => 5, 'steps' => []]],
    ];
}
