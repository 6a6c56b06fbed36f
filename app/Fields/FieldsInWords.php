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
        return new FieldCatalogue(
            array_values(
                array_map(static fn(Field $field): Field => self::named($field, $words, $catalogue), $catalogue->all()),
            ),
        );
    }

    private static function named(Field $field, Words $words, FieldCatalogue $catalogue): Field
    {
        // Whoever answers for a place, by the level of places at which somebody does.
        [$level, $role] = explode('.', $field->path, 2);
        if (in_array($role, PlaceFields::ROLES, true)) {
            $place = $catalogue->find("customer.{$level}")->label ?? $level;

            return self::relabelled($field, $words->say("field.{$role}", ['place' => mb_strtolower($place)]));
        }
        $path = "field.{$field->path}";
        if (!$words->has($path)) {
            return $field;
        }
        $options = $field->options;
        $of = TaskFields::VALUES[$field->path] ?? (MomentFields::VALUES[$field->path] ?? null);
        foreach ($of === null ? [] : array_keys($options) as $value) {
            $options[$value] = $words->say("{$of}.{$value}");
        }

        return self::relabelled($field, $words->say($path), $options);
    }

    /** @param array<array-key, string>|null $options null: as they are */
    private static function relabelled(Field $field, string $label, ?array $options = null): Field
    {
        return new Field(
            $field->path,
            $label,
            $field->type,
            $options ?? $field->options,
            $field->retired,
            $field->retiredOptions,
        );
    }
}
