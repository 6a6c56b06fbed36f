<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Document\WorldFormat;
use OpenBaton\Core\Workload\TaskStatus;

/** JSON Schema of a world document: a house, its work and what happens. */
final class WorldSchema
{
    private const TEXT = ['$ref' => '#/$defs/text'];

    private const INSTANT = ['$ref' => '#/$defs/instant'];

    /** @return array<string, mixed> */
    public static function build(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => RulebookSchema::BASE . 'world.schema.json',
            'title' => 'World',
            'description' =>
                'All that decisions depend on, and what happens, one after the other; the state of tasks carries ' .
                'along.',
            'type' => 'object',
            'required' => ['openbaton', 'clock', 'roster', 'rulebook', 'events'],
            'additionalProperties' => false,
            'properties' => self::properties() + ['events' => WorldEventSchema::all()],
            '$defs' => WorldTaskSchema::definitions(),
        ];
    }

    /** @return array<string, mixed> */
    private static function properties(): array
    {
        return [
            'openbaton' => [
                'const' => WorldFormat::VERSION,
            ],
            'clock' => self::INSTANT,
            'roster' => ['$ref' => 'https://openbaton.example/formats/roster.schema.json'],
            'trade' =>
                ['description' => 'What the house makes tasks and cases of.'] +
                Shape::object([
                    'kinds' => [
                        'type' => 'array',
                        'items' => Shape::object(
                            [
                                'id' => self::TEXT,
                                'name' => self::TEXT,
                                'usual_effort' => ['$ref' => '#/$defs/duration'],
                                'defaults' => Shape::values(),
                                'needed' => [
                                    'description' => 'For the stage of its case.',
                                    'type' => 'boolean',
                                    'default' => false,
                                ],
                            ],
                            ['id', 'name'],
                        ),
                    ],
                    'checklists' => [
                        'type' => 'array',
                        'items' => Shape::object(
                            [
                                'id' => self::TEXT,
                                'name' => self::TEXT,
                                'items' => [
                                    'type' => 'array',
                                    'minItems' => 1,
                                    'items' => self::TEXT,
                                ],
                            ],
                            ['id', 'name', 'items'],
                        ),
                    ],
                    'tracks' => ['type' => 'array', 'items' => ['$ref' => RulebookSchema::BASE . 'track.schema.json']],
                ]),
            'rulebook' => ['$ref' => 'https://openbaton.example/formats/rulebook.schema.json'],
            'rotations' => [
                'type' => 'array',
                'items' => Shape::object(
                    [
                        'name' => self::TEXT,
                        'virtual_time' => [
                            'type' => 'integer',
                            'minimum' => 0,
                            'maximum' => 1000000000000000000,
                            'default' => 0,
                        ],
                        'passes' => [
                            'description' => 'In the order of joining.',
                            'type' => 'array',
                            'items' => Shape::object(
                                [
                                    'person' => self::TEXT,
                                    'pass' => [
                                        'type' => 'integer',
                                        'minimum' => 0,
                                        'maximum' => 1000000000000000000,
                                    ],
                                ],
                                ['person', 'pass'],
                            ),
                        ],
                    ],
                    ['name'],
                ),
            ],
            'tasks' => [
                'description' => 'Those that are there at the beginning, with their whole state.',
                'type' => 'array',
                'items' => ['$ref' => '#/$defs/task'],
            ],
            'customers' => [
                'description' =>
                    'Likewise; tasks and cases name them and see what is kept of them. One that is not told of is as ' .
                    'the facts of what there is for it say.',
                'type' => 'array',
                'items' => ['$ref' => '#/$defs/customer'],
            ],
            'cases' => [
                'description' => 'Likewise; tasks name them.',
                'type' => 'array',
                'items' => ['$ref' => '#/$defs/case'],
            ],
            'work' => [
                'type' => 'array',
                'items' => Shape::object(
                    [
                        'id' => self::TEXT,
                        'assignee' => self::TEXT,
                        'held_with' => ['type' => 'array', 'items' => self::TEXT],
                        'reviewer' => self::TEXT,
                        'status' => [
                            'enum' => array_column(TaskStatus::cases(), 'value'),
                            'default' => 'new',
                        ],
                        'priority' => ['$ref' => '#/$defs/priority'],
                        'estimate' => ['$ref' => '#/$defs/duration'],
                        'usual_effort' => [
                            '$ref' => '#/$defs/duration',
                            'description' => 'The default of the task\'s kind.',
                        ],
                        'spent' => ['$ref' => '#/$defs/duration'],
                        'remaining' => ['$ref' => '#/$defs/duration'],
                        'created' => self::INSTANT,
                        'start' => self::INSTANT,
                        'due' => self::INSTANT,
                    ],
                    ['id'],
                ),
                'description' => 'Other open work, which loads people and does not change.',
            ],
            'last_assigned' => [
                'description' => 'When work last came to a person, by person id.',
                'type' => 'object',
                'additionalProperties' => self::INSTANT,
            ],
        ];
    }
}
