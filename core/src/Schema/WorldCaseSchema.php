<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Flow\OpenWork;

/** Cases of a world, and what happens to them. */
final class WorldCaseSchema
{
    private const TEXT = ['$ref' => '#/$defs/text'];

    private const TEXTS = ['type' => 'array', 'items' => self::TEXT];

    private const INSTANT = ['$ref' => '#/$defs/instant'];

    private const COUNT = ['type' => 'integer', 'minimum' => 0];

    private const YES_NO = ['type' => 'boolean', 'default' => false];

    /** @return array<string, mixed> */
    public static function case(): array
    {
        return Shape::object(
            [
                'id' => self::TEXT,
                'track' => self::TEXT,
                'stage' => self::TEXT + ['description' => 'Where it stands since it was opened; else "stays" says.'],
                'stays' => [
                    'description' => 'One after the other; a closed case has left the last.',
                    'type' => 'array',
                    'minItems' => 1,
                    'items' => Shape::object(
                        [
                            'stage' => self::TEXT,
                            'entered' => self::INSTANT,
                            'left' => self::INSTANT,
                            'reason' => ['type' => 'string'],
                        ],
                        ['stage', 'entered'],
                    ),
                ],
                'outcome' => self::TEXT,
                'opened' => self::INSTANT,
                'owner' => self::TEXT,
                'open_to' => self::TEXTS,
                'previous_owner' => self::TEXT,
                'creator' => self::TEXT,
                'customer' => self::TEXT,
                'parent' => self::TEXT,
                'tags' => self::TEXTS,
                'watchers' => self::TEXTS,
                'comments' => self::COUNT,
                'files' => self::COUNT,
                'facts' => Shape::values(),
            ],
            ['id', 'track'],
        );
    }

    /** @return list<array<string, mixed>> one schema for each kind of event */
    public static function events(): array
    {
        return [
            WorldEventSchema::event('case_opens', ['case' => ['$ref' => '#/$defs/case']]),
            WorldEventSchema::event('case_changes', ['case' => self::TEXT, 'set' => self::edit()]),
            WorldEventSchema::event(
                'case_moves',
                ['case' => self::TEXT, 'to' => self::TEXT] + self::passing(),
                array_keys(self::passing()),
            ),
            WorldEventSchema::event(
                'case_closes',
                [
                    'case' => self::TEXT,
                    'outcome' => self::TEXT,
                    'open' => [
                        'description' => 'What becomes of tasks that are open still.',
                        'enum' => array_column(OpenWork::cases(), 'value'),
                        'default' => OpenWork::Drop->value,
                    ],
                ] + self::passing(),
                ['open', ...array_keys(self::passing())],
            ),
            WorldEventSchema::event('case_reopens', ['case' => self::TEXT, 'stage' => self::TEXT]),
        ];
    }

    /** @return array<string, mixed> */
    private static function edit(): array
    {
        return ['description' => 'What is changed.'] +
            Shape::object([
                'owner' => self::TEXT,
                'tags_on' => self::TEXTS,
                'tags_off' => self::TEXTS,
                'facts' => Shape::values(),
                'happened' => [
                    'type' => 'array',
                    'items' => ['$ref' => RulebookSchema::BASE . 'rulebook.schema.json#/$defs/happened'],
                ],
            ]);
    }

    /** @return array<string, mixed> */
    private static function passing(): array
    {
        return [
            'reason' => ['type' => 'string'],
            'may_pass' => self::YES_NO + [
                'description' => 'Whoever does it may have it pass what is missing, with a reason.',
            ],
        ];
    }
}
