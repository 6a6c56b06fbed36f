<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

/** All operators, in the order in which they are offered; each is made when it is first asked for. */
final class OperatorList
{
    /** @var array<string, class-string<Operator>> by code */
    private const CLASSES = [
        'is' => Operator\Is::class,
        'is_not' => Operator\IsNot::class,
        'one_of' => Operator\IsOneOf::class,
        'none_of' => Operator\IsNoneOf::class,
        'contains' => Operator\Contains::class,
        'starts_with' => Operator\StartsWith::class,
        'ends_with' => Operator\EndsWith::class,
        'less_than' => Operator\LessThan::class,
        'at_most' => Operator\AtMost::class,
        'more_than' => Operator\MoreThan::class,
        'at_least' => Operator\AtLeast::class,
        'before' => Operator\Before::class,
        'after' => Operator\After::class,
        'between' => Operator\Between::class,
        'within_next' => Operator\WithinNext::class,
        'within_last' => Operator\WithinLast::class,
        'matches_any' => Operator\MatchesAny::class,
        'matches_all' => Operator\MatchesAll::class,
        'matches_none' => Operator\MatchesNone::class,
        'same_person_as' => Operator\SamePersonAs::class,
        'in_team' => Operator\IsInTeam::class,
        'was' => Operator\Was::class,
        'changed' => Operator\Changed::class,
        'changed_from_to' => Operator\ChangedFromTo::class,
        'is_empty' => Operator\IsEmpty::class,
        'is_filled' => Operator\IsFilled::class,
    ];

    /** @var array<string, Operator> by code */
    private static array $made = [];

    /** @return array<string, Operator> by code */
    public static function all(): array
    {
        $all = [];
        foreach (self::CLASSES as $code => $class) {
            $all[$code] = self::$made[$code] ??= new $class();
        }

        return $all;
    }

    public static function find(string $code): ?Operator
    {
        $class = self::CLASSES[$code] ?? null;

        return $class === null ? null : (self::$made[$code] ??= new $class());
    }

    /** @return list<Operator> */
    public static function fitting(FieldType $type): array
    {
        return array_values(array_filter(self::all(), static fn(Operator $operator): bool => $operator->fits($type)));
    }
}
