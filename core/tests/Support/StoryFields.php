<?php

declare(strict_types=1);

namespace OpenBaton\Core\Tests\Support;

/** The fields that rules of random stories ask about. */
final class StoryFields
{
    /**
     * @param list<string> $statuses
     *
     * @return list<array<string, mixed>>
     */
    public static function all(array $statuses): array
    {
        return [
            [
                'path' => 'task.kind',
                'label' => 'Kind',
                'type' => 'one_of',
                'options' => [['value' => 'repair', 'label' => 'Repair'], ['value' => 'quote', 'label' => 'Quote']],
            ],
            ['path' => 'task.rush', 'label' => 'Rush', 'type' => 'yes_no'],
            ['path' => 'task.needed', 'label' => 'Needed', 'type' => 'date'],
            ['path' => 'task.due', 'label' => 'Due', 'type' => 'date'],
            ['path' => 'task.title', 'label' => 'Title', 'type' => 'text'],
            ['path' => 'task.assignee', 'label' => 'Held by', 'type' => 'person'],
            [
                'path' => 'task.status',
                'label' => 'Status',
                'type' => 'one_of',
                'options' => array_map(
                    static fn(string $status): array => ['value' => $status, 'label' => $status],
                    $statuses,
                ),
            ],
            ['path' => 'customer.owner', 'label' => 'Owner', 'type' => 'person'],
        ];
    }
}
