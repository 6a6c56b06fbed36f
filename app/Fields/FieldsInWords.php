<?php

declare(strict_types=1);

namespace App\Fields;

use App\Words\Words;
use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;

/** The fields of a house in the language of a reader: those that every house has are named by the words. */
final class FieldsInWords
{
    public static function of(FieldCatalogue $catalogue, Words $words): FieldCatalogue
    {
        $fields = [...$catalogue->fields, ...$catalogue->ofPeople];

        return new FieldCatalogue(
            array_values(array_map(static fn(Field $field): Field => self::named($field, $words), $fields)),
        );
    }

    private static function named(Field $field, Words $words): Field
    {
        $path = "field.{$field->path}";
        if (!$words->has($path)) {
            return $field;
        }
        $options = $field->options;
        $of = TaskFields::VALUES[$field->path] ?? null;
        foreach ($of === null ? [] : array_keys($options) as $value) {
            $options[$value] = $words->say("{$of}.{$value}");
        }

        return new Field(
            $field->path,
            $words->say($path),
            $field->type,
            $options,
            $field->retired,
            $field->retiredOptions,
        );
    }
}
