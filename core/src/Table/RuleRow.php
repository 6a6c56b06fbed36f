<?php

declare(strict_types=1);

namespace OpenBaton\Core\Table;

use OpenBaton\Core\Rulebook\KindRegistry;

/**
 * A rule document as the row of a table: its values by their places, and its shape, which is all else of what it waits
 * for, asks and does. Rules of one shape are alike.
 */
final readonly class RuleRow
{
    /**
     * @param array<string, RuleCell> $cells by pointer, in the order of reading
     * @param string                  $shape the same for rules that are alike
     */
    private function __construct(public array $cells, public string $shape) {}

    /** @param array<array-key, mixed> $rule a document, finished or not, of arrays alone */
    public static function of(array $rule, ?KindRegistry $kinds = null): self
    {
        $walk = new RuleWalk($kinds ?? KindRegistry::standard());
        $shape = $walk->rule($rule);

        return new self($walk->cells(), json_encode($shape, JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<array-key, mixed> $rule
     * @param array<string, mixed>    $values by pointer; null: it has none
     *
     * @return array<array-key, mixed> the rule with these values in their places
     */
    public static function with(array $rule, array $values): array
    {
        foreach ($values as $pointer => $value) {
            $rule = self::put($rule, explode('/', substr($pointer, 1)), $value);
        }

        return $rule;
    }

    /**
     * @param array<array-key, mixed> $in
     * @param list<string>            $way
     *
     * @return array<array-key, mixed>
     */
    private static function put(array $in, array $way, mixed $value): array
    {
        $step = array_shift($way) ?? '';
        if ($way === []) {
            if ($value === null) {
                unset($in[$step]);

                return $in;
            }

            return [...$in, ...[$step => $value]];
        }
        $inner = $in[$step] ?? [];
        $in[$step] = self::put(is_array($inner) ? $inner : [], $way, $value);

        return $in;
    }
}
