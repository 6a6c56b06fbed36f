<?php

declare(strict_types=1);

namespace App\Rules;

use OpenBaton\Core\Text\KeptOrder;

/** What is otherwise in one list of rules than in another: by the ids of rules. */
final class RuleDifferences
{
    /** Those that are told one by one. */
    private const SHOWN = 200;

    /**
     * @param list<mixed> $before rule documents
     * @param list<mixed> $after  rule documents
     *
     * @return array{counts: array{added: int, gone: int, changed: int, moved: int}, lines: list<array{what: string,
     *     id: string, before: mixed, after: mixed}>} the first lines, in the order of $after; what is gone comes last
     */
    public static function of(array $before, array $after): array
    {
        [$old, $new] = [self::byId($before), self::byId($after)];
        $stay = KeptOrder::of(array_keys($old), array_keys($new));
        $lines = [];
        foreach ($new as $id => $rule) {
            $what = match (true) {
                !array_key_exists($id, $old) => 'added',
                self::text($old[$id]) !== self::text($rule) => 'changed',
                !isset($stay[$id]) => 'moved',
                default => null,
            };
            if ($what !== null) {
                $lines[] = ['what' => $what, 'id' => (string) $id, 'before' => $old[$id] ?? null, 'after' => $rule];
            }
        }
        foreach (array_diff_key($old, $new) as $id => $rule) {
            $lines[] = ['what' => 'gone', 'id' => (string) $id, 'before' => $rule, 'after' => null];
        }
        $counts = ['added' => 0, 'gone' => 0, 'changed' => 0, 'moved' => 0];
        foreach ($lines as $line) {
            ++$counts[$line['what']];
        }

        return ['counts' => $counts, 'lines' => array_slice($lines, 0, self::SHOWN)];
    }

    /**
     * @param list<mixed> $rules
     *
     * @return array<array-key, mixed>
     */
    private static function byId(array $rules): array
    {
        $byId = [];
        foreach ($rules as $at => $rule) {
            $id = is_array($rule) ? $rule['id'] ?? null : null;
            $byId[is_string($id) ? $id : "rule-{$at}"] = $rule;
        }

        return $byId;
    }

    private static function text(mixed $rule): string
    {
        $sorted = static function (mixed $value) use (&$sorted): mixed {
            if (!is_array($value)) {
                return $value;
            }
            $value = array_map($sorted, $value);
            array_is_list($value) || ksort($value);

            return $value;
        };

        return json_encode($sorted($rule), JSON_THROW_ON_ERROR);
    }
}
