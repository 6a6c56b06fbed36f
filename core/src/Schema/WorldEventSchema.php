<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Subject\Cause;

/** What happens in a world, one schema for each kind. */
final class WorldEventSchema
{
    private const TEXT = ['$ref' => '#/$defs/text'];

    /** @return array<string, mixed> */
    public static function all(): array
    {
        return [
            'description' => 'In the order of time, none before the clock.',
            'type' => 'array',
            'items' => [
                'oneOf' => [
                    [
                        'type' => 'object',
                        'required' => ['id', 'kind', 'task'],
                        'additionalProperties' => false,
                        'properties' => [
                            'id' => self::TEXT,
                            'kind' => [
                                'const' => 'task_arrives',
                            ],
                            'at' => [
                                '$ref' => '#/$defs/at',
                            ],
                            'task' => [
                                '$ref' => '#/$defs/task',
                            ],
                        ],
                    ],
                    [
                        'type' => 'object',
                        'required' => ['id', 'kind', 'task', 'set'],
                        'additionalProperties' => false,
                        'properties' => [
                            'id' => self::TEXT,
                            'kind' => [
                                'const' => 'task_changes',
                            ],
                            'at' => [
                                '$ref' => '#/$defs/at',
                            ],
                            'task' => self::TEXT,
                            'by' => [
                                'enum' => array_column(Cause::cases(), 'value'),
                                'default' => 'person',
                            ],
                            'set' => [
                                '$ref' => '#/$defs/edit',
                            ],
                        ],
                    ],
                    [
                        'type' => 'object',
                        'required' => ['id', 'kind', 'customer', 'facts'],
                        'additionalProperties' => false,
                        'properties' => [
                            'id' => self::TEXT,
                            'kind' => [
                                'const' => 'customer_changes',
                            ],
                            'at' => [
                                '$ref' => '#/$defs/at',
                            ],
                            'customer' => self::TEXT,
                            'facts' => [
                                'description' => 'Values by field path, of the types that the rulebook\'s fields say.',
                                'type' => 'object',
                            ],
                        ],
                    ],
                    [
                        'type' => 'object',
                        'required' => ['id', 'kind', 'task', 'rule'],
                        'additionalProperties' => false,
                        'properties' => [
                            'id' => self::TEXT,
                            'kind' => [
                                'const' => 'pressed',
                            ],
                            'at' => [
                                '$ref' => '#/$defs/at',
                            ],
                            'task' => self::TEXT,
                            'rule' => self::TEXT,
                        ],
                    ],
                    [
                        'type' => 'object',
                        'required' => ['id', 'kind'],
                        'additionalProperties' => false,
                        'properties' => [
                            'id' => self::TEXT,
                            'kind' => [
                                'const' => 'tick',
                            ],
                            'at' => [
                                '$ref' => '#/$defs/at',
                            ],
                        ],
                    ],
                ],
            ],
        ];
    }
}
