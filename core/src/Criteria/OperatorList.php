<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** All operators, in the order in which they are offered. */
final class OperatorList
{
    /** @var array<string, Operator>|null */
    private static ?array $byCode = null;

    /** @return array<string, Operator> */
    public static function all(): array
    {
        if (self::$byCode === null) {
            self::$byCode = [];
            foreach ([
                new Operator\Is(),
                new Operator\IsNot(),
                new Operator\IsOneOf(),
                new Operator\IsNoneOf(),
                new Operator\Contains(),
                new Operator\StartsWith(),
                new Operator\EndsWith(),
                new Operator\LessThan(),
                new Operator\AtMost(),
                new Operator\MoreThan(),
                new Operator\AtLeast(),
                new Operator\Before(),
                new Operator\After(),
                new Operator\Between(),
                new Operator\WithinNext(),
                new Operator\WithinLast(),
                new Operator\MatchesAny(),
                new Operator\MatchesAll(),
                new Operator\MatchesNone(),
                new Operator\IsEmpty(),
                new Operator\IsFilled(),
            ] as $operator) {
                self::$byCode[$operator->code()] = $operator;
            }
        }

        return self::$byCode;
    }

    public static function find(string $code): ?Operator
    {
        return self::all()[$code] ?? null;
    }

    /** @return list<Operator> */
    public static function fitting(FieldType $type): array
    {
        return array_values(array_filter(self::all(), static fn(Operator $operator): bool => $operator->fits($type)));
    }
}
