<?php

declare(strict_types=1);

namespace App\Fields;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\People\Person;
use OpenBaton\Core\People\Roster;

/**
 * What one chooses from, as pages have it.
 *
 * @phpstan-type Choice array{value: string, label: string}
 */
final class Choices
{
    /**
     * @param array<array-key, string> $labels by value
     *
     * @return list<Choice>
     */
    public static function of(array $labels): array
    {
        return array_map(
            static fn(int|string $value, string $label): array => ['value' => (string) $value, 'label' => $label],
            array_keys($labels),
            array_values($labels),
        );
    }

    /**
     * The values of a field; those that are retired are told, so that whoever has one still sees it.
     *
     * @return list<array{value: string, label: string, retired?: true}>
     */
    public static function ofField(Field $field): array
    {
        return array_map(
            static fn(array $choice): array => in_array($choice['value'], $field->retiredOptions, true)
                ? $choice + ['retired' => true]
                : $choice,
            self::of($field->options),
        );
    }

    /** @return list<Choice> everybody, in the order of the roster */
    public static function people(Roster $roster): array
    {
        return self::of(array_map(static fn(Person $person): string => $person->name, $roster->people));
    }

    /**
     * Fields as forms ask for them.
     *
     * @param array<array-key, Field> $fields
     *
     * @return list<array{path: string, label: string, type: string, options: list<array{value: string,
     *     label: string}>}>
     */
    public static function entries(array $fields): array
    {
        return array_values(
            array_map(
                static fn(Field $field): array => [
                    'path' => $field->path,
                    'label' => $field->label,
                    'type' => $field->type->value,
                    'options' => self::ofField($field),
                ],
                $fields,
            ),
        );
    }
}
