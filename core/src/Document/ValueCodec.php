<?php

declare(strict_types=1);

namespace OpenBaton\Core\Document;

use OpenBaton\Core\Criteria\Field;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\People\Roster;
use OpenBaton\Core\Time\TimeOfDay;

/**
 * Field values between their form in documents and that in the core: money is in units with up to two decimals, a
 * duration in ISO 8601.
 */
final class ValueCodec
{
    /** @return string|int|float|bool|list<string> the value of a field */
    public static function read(Node $node, Field $field, ?Roster $roster = null): string|int|float|bool|array
    {
        if (!$field->type->isList()) {
            return self::readOne($node, $field, $roster);
        }
        $values = [];
        foreach ($node->items() as $item) {
            $values[] = (string) self::readOne($item, $field, $roster);
        }

        return $values;
    }

    /**
     * The values of those fields that there are.
     *
     * @param array<array-key, mixed> $documents by path; null counts as missing
     *
     * @return array<string, string|int|float|bool|list<string>>
     */
    public static function known(array $documents, FieldCatalogue $fields): array
    {
        $values = [];
        foreach ($documents as $path => $document) {
            $field = $fields->compared((string) $path);
            if ($field !== null && $document !== null) {
                $values[$field->path] = self::read(Node::root($document), $field);
            }
        }

        return $values;
    }

    /** Whether it empties the field that it is for. */
    public static function isBlank(Node $node): bool
    {
        return $node->value === null || $node->value === '' || $node->value === [];
    }

    /**
     * One value of the field's type; of a list, one item.
     *
     * @param Roster|null $roster null: whether a person exists is not checked
     */
    public static function readOne(Node $node, Field $field, ?Roster $roster = null): string|int|float|bool
    {
        return match ($field->type) {
            FieldType::Text, FieldType::Tags => mb_strlen($node->text()) <= TextLimits::VALUE
                ? $node->text()
                : throw $node->fail('This has at most {most} characters.', most: TextLimits::VALUE),
            FieldType::Person => $roster === null ? $node->text() : Known::person($node, $roster->people),
            FieldType::OneOf, FieldType::ManyOf => isset($field->options[$node->text()])
                ? $node->text()
                : throw $node->fail(
                    '"{given}" is not a value of {field}; its values are {known}.',
                    given: $node->text(),
                    field: $field->label,
                    known: implode(', ', array_keys($field->options)),
                ),
            FieldType::Number => $node->number(),
            FieldType::Money => self::hundredths($node),
            FieldType::Duration => $node->minutes(),
            FieldType::YesNo => $node->bool(),
            FieldType::Date => Day::read($node)->format(),
            FieldType::Time => $node->refuse(static fn(): string => TimeOfDay::parse($node->text())->format()),
        };
    }

    /**
     * @param string|int|float|bool|list<string|int|float> $value
     *
     * @return string|int|float|bool|list<string|int|float>
     */
    public static function write(string|int|float|bool|array $value, FieldType $type): string|int|float|bool|array
    {
        if (is_array($value)) {
            $written = [];
            foreach ($value as $one) {
                $one = self::write($one, $type);
                if (is_string($one) || is_int($one) || is_float($one)) {
                    $written[] = $one;
                }
            }

            return $written;
        }

        return match (true) {
            $type === FieldType::Money && is_int($value) => $value / 100,
            $type === FieldType::Duration && is_int($value) => Duration::format($value),
            default => $value,
        };
    }

    private static function hundredths(Node $node): int
    {
        $hundredths = $node->number() * 100;
        if (abs($hundredths) > 1e12) {
            throw $node->fail('An amount of money has at most ten digits.');
        }
        $whole = (int) round($hundredths);
        if (abs($hundredths - $whole) > 1e-6) {
            throw $node->fail('An amount of money has at most two decimals.');
        }

        return $whole;
    }
}
