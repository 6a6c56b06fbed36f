<?php

declare(strict_types=1);

namespace OpenBaton\Core\Schema;

/** Pieces of which JSON Schemas are made. */
final class Shape
{
    /**
     * An object that has these members and no other.
     *
     * @param array<string, mixed> $properties schema by member
     * @param list<string>         $required
     *
     * @return array<string, mixed>
     */
    public static function object(array $properties, array $required = []): array
    {
        return ['type' => 'object'] +
            ($required === [] ? [] : ['required' => $required]) + [
                'additionalProperties' => false,
                'properties' => $properties,
            ];
    }

    /** @return array<string, mixed> */
    public static function values(): array
    {
        return [
            'description' => 'Values by field path, of the types that the rulebook\'s fields say.',
            'type' => 'object',
        ];
    }
}
