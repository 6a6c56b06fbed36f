<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Kind;

use OpenBaton\Core\Check\Certainty;
use OpenBaton\Core\Check\Check;
use OpenBaton\Core\Check\Examination;
use OpenBaton\Core\Check\Finding;
use OpenBaton\Core\Check\Values\Term;
use OpenBaton\Core\Check\Values\Terms;
use OpenBaton\Core\Criteria\Comparison;
use OpenBaton\Core\Criteria\FieldCatalogue;
use OpenBaton\Core\Criteria\FieldType;
use OpenBaton\Core\Rulebook\Event\TaskArrives;
use OpenBaton\Core\Rulebook\SeatName;

/**
 * Kinds of task, or a kind with the value of one other list, that no rule gives to anybody when they arrive. The list
 * is the one that most rules for the kind compare. How many such tasks came lately is told where that is known.
 */
final class Gap implements Check
{
    public const KIND = 'task.kind';

    /** A list that is longer is none that one goes through value by value. */
    private const LONGEST = 40;

    public static function code(): string
    {
        return 'gap';
    }

    public function find(Examination $of): iterable
    {
        $giving = self::giving($of);
        if ($giving === []) {
            return;
        }
        $lists = self::lists($of->rulebook->fields);
        foreach (self::values($of, self::KIND) as $kind) {
            $ofKind = self::is($of, self::KIND, $kind);
            $meeting = array_values(
                array_filter($giving, static fn(Term $term): bool => !$ofKind->and(Terms::of([$term]))->isEmpty()),
            );
            if ($meeting === []) {
                yield self::gap($of, $kind, ['kind' => $kind]);
                continue;
            }
            $path = self::comparedMost($lists, $meeting);
            if ($path === null) {
                continue;
            }
            $left = [];
            foreach (self::values($of, $path) as $value) {
                $both = $ofKind->and(self::is($of, $path, $value));
                $met = array_filter(
                    $meeting,
                    static fn(Term $term): bool => !$both->and(Terms::of([$term]))->isEmpty(),
                );
                if ($met === []) {
                    $left[] = $value;
                }
            }
            if ($left !== []) {
                $values = ['field' => $path, 'values' => implode("\n", $left), 'count' => count($left)];
                yield self::gap($of, $kind, ['kind' => $kind] + $values, $path, $left);
            }
        }
    }

    /**
     * @param array<string, string|int> $slots
     * @param list<string>              $values
     */
    private static function gap(
        Examination $of,
        string $kind,
        array $slots,
        string $path = '',
        array $values = [''],
    ): Finding {
        $came = $of->recent?->left($kind, $path, $values);

        return new Finding(
            self::code(),
            Certainty::Note,
            null,
            slots: $slots,
            figures: $came === null ? [] : ['came' => $came],
        );
    }

    /** @return list<Term> with which a task that arrives is given to somebody */
    private static function giving(Examination $of): array
    {
        $terms = [];
        foreach ($of->holding() as $position => $holds) {
            $rule = $of->rules[$position];
            if ($rule->waitsFor(TaskArrives::class) && $rule->give?->seat === SeatName::Holder) {
                array_push($terms, ...$holds->all);
            }
        }

        return $terms;
    }

    /** @return list<string> paths of the lists that it may go through value by value */
    public static function lists(FieldCatalogue $fields): array
    {
        $paths = [];
        foreach ($fields->fields as $path => $field) {
            if ($path !== self::KIND && $field->type === FieldType::OneOf && count($field->options) <= self::LONGEST) {
                $paths[] = (string) $path;
            }
        }

        return $paths;
    }

    /**
     * @param list<string> $lists paths
     * @param list<Term>   $terms
     */
    private static function comparedMost(array $lists, array $terms): ?string
    {
        $times = [];
        foreach ($terms as $term) {
            foreach (array_intersect($term->paths(), $lists) as $path) {
                $times[$path] = ($times[$path] ?? 0) + 1;
            }
        }
        arsort($times);

        return array_key_first($times);
    }

    /** @return list<string> values that are offered */
    private static function values(Examination $of, string $path): array
    {
        $field = $of->rulebook->fields->find($path);

        return array_values(
            array_diff(array_map(strval(...), array_keys($field->options ?? [])), $field->retiredOptions ?? []),
        );
    }

    private static function is(Examination $of, string $path, string $value): Terms
    {
        return $of->termsOf(new Comparison($path, 'is', $value)) ?? Terms::always();
    }
}
