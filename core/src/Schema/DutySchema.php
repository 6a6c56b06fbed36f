<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

use BackedEnum;
use OpenBaton\Core\Document\Duration;
use OpenBaton\Core\Document\DutyFormat;
use OpenBaton\Core\Document\DutyTaskFormat;
use OpenBaton\Core\Document\TextLimits;
use OpenBaton\Core\Flow\Duty\CatchUp;
use OpenBaton\Core\Flow\Duty\Duty;
use OpenBaton\Core\Flow\Duty\OffDay;
use OpenBaton\Core\Flow\Duty\StillOpen;
use OpenBaton\Core\Time\Offset;
use OpenBaton\Core\Time\Recurrence;

/** The JSON Schema of a standing duty. */
final class DutySchema
{
    /** @return array<string, mixed> */
    public static function build(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            '$id' => RulebookSchema::BASE . 'duty.schema.json',
            'title' => 'Standing duty',
            'description' => 'A task that comes back: when, and what becomes of it on holidays and while one is open.',
        ] +
            Shape::object(
                [
                    'openbaton' => ['const' => DutyFormat::VERSION],
                    'id' => TextLimits::schema(TextLimits::LABEL) + ['pattern' => '^[a-z0-9][a-z0-9-]*$'],
                    'name' => TextLimits::schema(TextLimits::LABEL),
                    'task' => self::task(),
                    'give' => [
                        'description' => 'To whom; without it the rulebook says.',
                        '$ref' => RulebookSchema::BASE . 'rulebook.schema.json#/$defs/give',
                    ],
                    'comes' => self::comes(),
                    'appears' => self::offset('How long before its date the task comes, such as "-3 working_days".'),
                    'due' => self::offset(
                        'From its date to the end of work on a day; without it there is no due date.',
                    ),
                    'off_day' => self::oneOf(OffDay::class, OffDay::Before, 'On a day without work.'),
                    'still_open' => self::oneOf(StillOpen::class, StillOpen::Add, 'While the last is still open.'),
                    'catch_up' => self::oneOf(CatchUp::class, CatchUp::Newest, 'After a time without ticks.'),
                    'pause' =>
                        ['description' => 'Dates in it fall out.'] +
                        Shape::object(['from' => self::date(), 'to' => self::date()], ['from']),
                    'until' => self::date(),
                    'count' => ['type' => 'integer', 'minimum' => 1, 'maximum' => Duty::MOST_COUNT],
                ],
                ['openbaton', 'id', 'name', 'task', 'comes'],
            );
    }

    /** @return array<string, mixed> */
    private static function task(): array
    {
        $merged = ['description' => 'Fields are merged in, ~duty.date~ and ~duty.period~ among them.'];

        return Shape::object(
            [
                'kind' => TextLimits::schema(TextLimits::ID),
                'title' => TextLimits::schema(TextLimits::NAME) + $merged,
                'details' => TextLimits::schema(DutyTaskFormat::DETAILS) + $merged,
                'estimate' => ['type' => 'string', 'pattern' => Duration::PATTERN],
                'checklist' => TextLimits::schema(TextLimits::ID),
                'customer' => TextLimits::schema(TextLimits::ID),
                'tags' => [
                    'type' => 'array',
                    'maxItems' => DutyTaskFormat::MOST_TAGS,
                    'items' => TextLimits::schema(TextLimits::TAG),
                ],
            ],
            ['kind', 'title'],
        );
    }

    /** @return array<string, mixed> */
    private static function comes(): array
    {
        return [
            'oneOf' => [
                Shape::object(
                    [
                        'rule' => TextLimits::schema(Recurrence::MOST) + [
                            'description' => 'Of RFC 5545, daily or rarer.',
                            'pattern' => '^FREQ=',
                        ],
                        'from' => self::date(),
                    ],
                    ['rule', 'from'],
                ),
                Shape::object(
                    ['after_last' => self::offset('After the last was done or dropped.'), 'from' => self::date()],
                    ['after_last', 'from'],
                ),
            ],
        ];
    }

    /**
     * @param class-string<BackedEnum> $enum
     *
     * @return array<string, mixed>
     */
    private static function oneOf(string $enum, BackedEnum $usual, string $description): array
    {
        return [
            'description' => $description,
            'enum' => array_column($enum::cases(), 'value'),
            'default' => $usual->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function offset(string $description): array
    {
        return ['description' => $description, 'type' => 'string', 'pattern' => Offset::PATTERN];
    }

    /** @return array<string, mixed> */
    private static function date(): array
    {
        return ['type' => 'string', 'format' => 'date'];
    }
}
