<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** What came lately and how it met the rules, for checks about what comes rather than about what could. */
final readonly class RecentWork
{
    /**
     * @param array<array-key, array<array-key, int>> $met tasks that met the criteria of a rule that gives, by the id
     *     of that rule and of the one that took them
     * @param array<array-key, array<string, array<array-key, int>>> $left tasks that no rule gave to anybody, by
     *     their kind, and then by path and value of their lists; under the empty path and value all of the kind
     */
    public function __construct(private array $met, private array $left) {}

    /** @return array<array-key, int> tasks that met it, by the id of the rule that took them */
    public function met(string $ruleId): array
    {
        return $this->met[$ruleId] ?? [];
    }

    /**
     * @param list<string> $values any of these
     *
     * @return int tasks of a kind that no rule gave to anybody
     */
    public function left(string $kind, string $path = '', array $values = ['']): int
    {
        return array_sum(array_intersect_key($this->left[$kind][$path] ?? [], array_flip($values)));
    }
}
