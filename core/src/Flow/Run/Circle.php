<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow\Run;

/** Finds what waits for itself. */
final class Circle
{
    /**
     * @param array<string, list<string>> $edges what each waits for
     *
     * @return list<string> those of the first circle that is found, in its order; empty: there is none
     */
    public static function in(array $edges): array
    {
        $settled = [];
        foreach (array_keys($edges) as $start) {
            $circle = self::from($start, $edges, [], $settled);
            if ($circle !== []) {
                return $circle;
            }
        }

        return [];
    }

    /**
     * @param array<string, list<string>> $edges
     * @param list<string>                $path
     * @param array<string, true>         $settled
     *
     * @return list<string>
     */
    private static function from(string $node, array $edges, array $path, array &$settled): array
    {
        $again = array_search($node, $path, true);
        if ($again !== false) {
            return array_slice($path, $again);
        }
        if (isset($settled[$node])) {
            return [];
        }
        foreach ($edges[$node] ?? [] as $next) {
            $circle = self::from($next, $edges, [...$path, $node], $settled);
            if ($circle !== []) {
                return $circle;
            }
        }
        $settled[$node] = true;

        return [];
    }
}
