<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria\Operator;

use OpenBaton\Core\Criteria\FieldType;
use UnexpectedValueException;

/** Values in the form in which they are compared: texts and tags without case and outer blanks. */
final class Plain
{
    public static function one(mixed $value, FieldType $type): string|int|float|bool|null
    {
        if ($value !== null && !is_scalar($value)) {
            throw new UnexpectedValueException('A list was met where one value belongs.');
        }
        if (is_string($value) && ($type === FieldType::Text || $type === FieldType::Tags)) {
            return mb_strtolower(trim($value));
        }
        // 3 and 3.0 are the same number, 1e15 and 1000000000000000 too; beyond 2^53 no float stands for one integer
        // alone.
        if (is_float($value) && floor($value) === $value && abs($value) <= 2 ** 53) {
            return (int) $value;
        }

        return $value;
    }

    /** Whether nothing is there, or nothing but blanks. */
    public static function isMissing(mixed $value): bool
    {
        return $value === null || $value === [] || (is_string($value) && trim($value) === '');
    }

    /**
     * Whether two values are the same: for events as for criteria. What is missing is the same as nothing but what is
     * missing; lists are sets.
     */
    public static function same(mixed $one, mixed $other, FieldType $type): bool
    {
        if (self::isMissing($one) || self::isMissing($other)) {
            return self::isMissing($one) && self::isMissing($other);
        }

        if (!is_array($one) && !is_array($other)) {
            return self::one($one, $type) === self::one($other, $type);
        }
        [$these, $those] = [self::set($one, $type), self::set($other, $type)];

        return array_diff_key($these, $those) === [] && array_diff_key($those, $these) === [];
    }

    /**
     * @param list<string> $values
     *
     * @return string|null the one that is the same, as it stands among them
     */
    public static function like(string $value, array $values, FieldType $type): ?string
    {
        $plain = self::one($value, $type);
        foreach ($values as $one) {
            if (self::one($one, $type) === $plain) {
                return $one;
            }
        }

        return null;
    }

    /** The value as a key of sets and of the rule index. */
    public static function key(mixed $value, FieldType $type): string
    {
        $plain = self::one($value, $type);

        return is_bool($plain) ? ($plain ? 'yes' : 'no') : (string) $plain;
    }

    /**
     * @param mixed $values one or a list of them
     *
     * @return array<array-key, true> by key(); digits become integer keys, as PHP has it
     */
    public static function set(mixed $values, FieldType $type): array
    {
        $set = [];
        foreach (is_array($values) ? $values : [$values] as $value) {
            $set[self::key($value, $type)] = true;
        }

        return $set;
    }

    /**
     * @param string|int|float|bool|array<string|int|float>|null $operand
     *
     * @return array{string|int|float, string|int|float}
     */
    public static function pair(string|int|float|bool|array|null $operand): array
    {
        if (!is_array($operand) || count($operand) !== 2) {
            throw new UnexpectedValueException('Two values belong here.');
        }
        [$low, $high] = array_values($operand);

        return [$low, $high];
    }

    /** @param string|int|float|bool|array<string|int|float>|null $operand */
    public static function days(string|int|float|bool|array|null $operand): int
    {
        if (!is_int($operand)) {
            throw new UnexpectedValueException('A whole number of days belongs here.');
        }

        return $operand;
    }
}
