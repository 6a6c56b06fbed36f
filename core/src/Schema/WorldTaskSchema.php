<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Subject\Author;
use OpenBaton\Core\Workload\Priority;
use OpenBaton\Core\Workload\TaskStatus;

/** Tasks of a world, and what of them an event changes. */
final class WorldTaskSchema
{
    private const TEXT = ['$ref' => '#/$defs/text'];

    private const TEXTS = ['type' => 'array', 'items' => self::TEXT];

    private const TEXT_OR_NULL = ['oneOf' => [self::TEXT, ['type' => 'null']]];

    private const INSTANT = ['$ref' => '#/$defs/instant'];

    private const INSTANT_OR_NULL = ['oneOf' => [self::INSTANT, ['type' => 'null']]];

    /** @return array<string, mixed> by name */
    public static function definitions(): array
    {
        return [
            'text' => [
                'type' => 'string',
                'minLength' => 1,
                'maxLength' => 160,
            ],
            'instant' => [
                'type' => 'string',
                'pattern' => '^\\d{4}-\\d{2}-\\d{2}[Tt]\\d{2}:\\d{2}:\\d{2}(\\.\\d+)?([Zz]|[+-]\\d{2}:\\d{2})$',
            ],
            'duration' => [
                'description' => 'ISO 8601 in hours and minutes.',
                'type' => 'string',
                'pattern' => Duration::PATTERN,
            ],
            'priority' => [
                'enum' => array_column(Priority::cases(), 'value'),
                'default' => 'normal',
            ],
            'at' => [
                '$ref' => '#/$defs/instant',
                'description' => 'Where missing, the moment of the event before it, or the clock.',
            ],
            'author' => ['enum' => array_column(Author::cases(), 'value')],
            'offset' => [
                'type' => 'string',
                'pattern' => '^[+-]\\d{1,4} (minutes|hours|days|working_days|weeks|months)$',
            ],
            'time' => [
                'type' => 'string',
                'pattern' => '^([01]\\d|2[0-3]):[0-5]\\d$',
            ],
        ] + [
            'task' => self::task(),
            'edit' => self::edit(),
            'case' => WorldCaseSchema::case(),
            'customer' => WorldCustomerSchema::customer(),
        ];
    }

    /** @return array<string, mixed> */
    private static function task(): array
    {
        return Shape::object(
            [
                'id' => self::TEXT,
                'created' => self::INSTANT,
                'status' => [
                    'enum' => array_column(TaskStatus::cases(), 'value'),
                    'default' => 'new',
                ],
                'priority' => ['$ref' => '#/$defs/priority'],
                'assignee' => self::TEXT,
                'held_with' => self::TEXTS + ['description' => 'Who holds it together with the assignee.'],
                'do_together' => [
                    'description' => 'Whoever of them starts it does not get it alone.',
                    'type' => 'boolean',
                    'default' => false,
                ],
                'open_to' => self::TEXTS,
                'reviewer' => self::TEXT,
                'last_reviewer' => self::TEXT,
                'previous_assignee' => self::TEXT,
                'estimate' => ['$ref' => '#/$defs/duration'],
                'usual_effort' => ['$ref' => '#/$defs/duration'],
                'spent' => ['$ref' => '#/$defs/duration'],
                'remaining' => ['$ref' => '#/$defs/duration'],
                'start' => self::INSTANT,
                'due' => self::INSTANT,
                'due_follows' =>
                    ['description' => 'The date that the due date follows.'] +
                    Shape::object(
                        [
                            'field' => self::TEXT,
                            'offset' => ['$ref' => '#/$defs/offset'],
                            'time' => ['$ref' => '#/$defs/time'],
                        ],
                        ['field', 'offset'],
                    ),
                'wakes' => self::INSTANT,
                'waiting_for' => self::TEXT,
                'waits_on' => self::TEXTS,
                'tags' => self::TEXTS,
                'checklist' => [
                    'type' => 'array',
                    'items' => Shape::object(
                        [
                            'text' => self::TEXT,
                            'done' => [
                                'type' => 'boolean',
                                'default' => false,
                            ],
                        ],
                        ['text'],
                    ),
                ],
                'comments' => [
                    'type' => 'integer',
                    'minimum' => 0,
                ],
                'files' => [
                    'type' => 'integer',
                    'minimum' => 0,
                ],
                'watchers' => self::TEXTS,
                'customer' => self::TEXT,
                'creator' => self::TEXT,
                'case' => self::TEXT,
                'stage' => self::TEXT + ['description' => 'Of its case in which it was made, by key.'],
                'needed' => [
                    'description' => 'For that stage.',
                    'type' => 'boolean',
                    'default' => false,
                ],
                'to_hand_on' => [
                    'description' => 'Somebody else should do it.',
                    'type' => 'boolean',
                    'default' => false,
                ],
                'facts' => Shape::values(),
            ],
            ['id'],
        );
    }

    /** @return array<string, mixed> */
    private static function edit(): array
    {
        return ['description' => 'What is changed; null empties.'] +
            Shape::object([
                'status' => ['enum' => array_column(TaskStatus::cases(), 'value')],
                'priority' => ['$ref' => '#/$defs/priority'],
                'assignee' => self::TEXT_OR_NULL,
                'reviewer' => self::TEXT_OR_NULL,
                'start' => self::INSTANT_OR_NULL,
                'to_hand_on' => ['type' => 'boolean'],
                'due' => self::INSTANT_OR_NULL,
                'wakes' => self::INSTANT_OR_NULL,
                'waiting_for' => self::TEXT_OR_NULL,
                'tags_on' => self::TEXTS,
                'tags_off' => self::TEXTS,
                'items' => [
                    'type' => 'array',
                    'items' => self::TEXT,
                    'description' => 'Put on the checklist.',
                ],
                'tick' => [
                    'type' => 'array',
                    'items' => self::TEXT,
                    'description' => 'Items of the checklist that are done.',
                ],
                'facts' => Shape::values(),
                'happened' => [
                    'type' => 'array',
                    'items' => ['$ref' => 'https://openbaton.example/formats/rulebook.schema.json#/$defs/happened'],
                    'description' => 'What happens besides: a comment, a file, that somebody is mentioned.',
                ],
                'comment' => [
                    '$ref' => '#/$defs/author',
                    'description' => 'Short for what happens: by whom a comment is added.',
                ],
                'file' => [
                    '$ref' => '#/$defs/author',
                    'description' => 'Short for what happens: by whom a file is added.',
                ],
            ]);
    }
}
