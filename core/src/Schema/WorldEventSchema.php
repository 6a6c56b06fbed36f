<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Document\ApprovalHappenings;
use OpenBaton\Core\Flow\Vote;
use OpenBaton\Core\Subject\Cause;

/** What happens in a world, one schema for each kind. */
final class WorldEventSchema
{
    private const TEXT = ['$ref' => '#/$defs/text'];

    private const RULE = ['task' => self::TEXT, 'case' => self::TEXT, 'rule' => self::TEXT];

    /** @return array<string, mixed> */
    public static function all(): array
    {
        return [
            'description' => 'In the order of time, none before the clock.',
            'type' => 'array',
            'items' => [
                'oneOf' => [
                    self::event('task_arrives', ['task' => ['$ref' => '#/$defs/task']]),
                    self::event(
                        'task_changes',
                        [
                            'task' => self::TEXT,
                            'by' => ['enum' => array_column(Cause::cases(), 'value'), 'default' => 'person'],
                            'set' => ['$ref' => '#/$defs/edit'],
                        ],
                        ['by'],
                    ),
                    self::event('pressed', self::RULE, ['task', 'case']),
                    self::event('rule_applied', self::RULE, ['task', 'case']),
                    self::event('tick', []),
                    ...WorldCustomerSchema::events(),
                    ...WorldCaseSchema::events(),
                    self::event(
                        ApprovalHappenings::ANSWERED,
                        [
                            'of' => ['description' => 'What is to be approved: a task or a case.'] + self::TEXT,
                            'approval' => self::TEXT,
                            'by' => self::TEXT,
                            'answer' => [
                                'enum' => [...array_column(Vote::cases(), 'value'), ApprovalHappenings::NOT_ME],
                            ],
                            'to' => ['description' => 'Who should answer instead.'] + self::TEXT,
                            'reason' => ['description' => 'A no has one.', 'type' => 'string'],
                        ],
                        ['to', 'reason'],
                    ),
                ],
            ],
        ];
    }

    /**
     * @param array<string, mixed> $members schema by member, besides those that every event has
     * @param list<string>         $optional of them
     *
     * @return array<string, mixed>
     */
    public static function event(string $kind, array $members, array $optional = []): array
    {
        return Shape::object(
            ['id' => self::TEXT, 'kind' => ['const' => $kind], 'at' => ['$ref' => '#/$defs/at']] + $members,
            ['id', 'kind', ...array_values(array_diff(array_keys($members), $optional))],
        );
    }
}
