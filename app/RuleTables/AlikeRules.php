<?php

declare(strict_types=1);

namespace App\RuleTables;

use OpenBaton\Core\Table\RuleRow;

/** Rules that stand together and are alike: the tables of a rulebook. */
final class AlikeRules
{
    /**
     * @param array<array-key, mixed> $documents by id, in order
     *
     * @return list<non-empty-list<string>> ids of the rules of each run of two or more
     */
    public static function runs(array $documents): array
    {
        $runs = [];
        $last = null;
        foreach ($documents as $id => $document) {
            $shape = RuleRow::of(self::plain($document))->shape;
            if ($shape === $last) {
                $runs[count($runs) - 1][] = (string) $id;
            } else {
                $runs[] = [(string) $id];
            }
            $last = $shape;
        }

        return array_values(array_filter($runs, static fn(array $run): bool => count($run) > 1));
    }

    /**
     * @param array<array-key, mixed> $documents by id, in order
     *
     * @return list<string> ids of the rules that stand with one and are alike, that one among them
     */
    public static function around(array $documents, string $id): array
    {
        foreach (self::runs($documents) as $run) {
            if (in_array($id, $run, true)) {
                return $run;
            }
        }

        return [$id];
    }

    /**
     * @param array<array-key, mixed> $documents by id, in order
     * @param list<string>            $run       that stand together
     *
     * @return list<string> ids of the rules that are alike and stand elsewhere
     */
    public static function elsewhere(array $documents, array $run): array
    {
        $shape = static fn(string $id): string => RuleRow::of(self::plain($documents[$id] ?? []))->shape;
        $alike = $shape($run[0] ?? '');
        $others = array_diff(array_map(strval(...), array_keys($documents)), $run);

        return array_values(array_filter($others, static fn(string $id): bool => $shape($id) === $alike));
    }

    /** @return array<array-key, mixed> of arrays alone, as RuleRow reads it */
    public static function plain(mixed $document): array
    {
        return (array) json_decode(json_encode($document, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
    }
}
