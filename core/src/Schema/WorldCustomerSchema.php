<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

/** Customers of a world, and what happens to them. */
final class WorldCustomerSchema
{
    private const TEXT = ['$ref' => '#/$defs/text'];

    private const TEXTS = ['type' => 'array', 'items' => self::TEXT];

    private const RETIRED = ['description' => 'Nothing is to be done about it any more.', 'type' => 'boolean'];

    /** @return array<string, mixed> */
    public static function customer(): array
    {
        return Shape::object(
            [
                'id' => self::TEXT,
                'added' => ['$ref' => '#/$defs/instant'],
                'owner' => self::TEXT,
                'tags' => self::TEXTS,
                'retired' => self::RETIRED + ['default' => false],
                'facts' => Shape::values(),
            ],
            ['id'],
        );
    }

    /** @return list<array<string, mixed>> one schema for each kind of event */
    public static function events(): array
    {
        return [
            WorldEventSchema::event('customer_added', ['customer' => ['$ref' => '#/$defs/customer']]),
            WorldEventSchema::event(
                'customer_changes',
                [
                    'customer' => self::TEXT,
                    'owner' => self::TEXT,
                    'tags_on' => self::TEXTS,
                    'tags_off' => self::TEXTS,
                    'retired' => self::RETIRED,
                    'facts' => Shape::values(),
                ],
                ['owner', 'tags_on', 'tags_off', 'retired', 'facts'],
            ),
        ];
    }
}
