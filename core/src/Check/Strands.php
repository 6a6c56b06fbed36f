<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check;

/** The rings of a graph: groups of nodes each of which leads to all others of its group (Tarjan 1972). */
final class Strands
{
    /** @var array<int, int> the number of a node, by the order in which they are met */
    private array $numbers = [];

    /** @var array<int, int> the lowest number that a node leads back to */
    private array $lowest = [];

    /** @var array<int, true> nodes on the stack, in order */
    private array $stack = [];

    /** @var list<non-empty-list<int>> */
    private array $rings = [];

    /** @param array<int, list<int>> $edges where each node leads */
    public function __construct(private readonly array $edges) {}

    /** @return list<non-empty-list<int>> each in ascending order; a node alone only where it leads to itself */
    public function rings(): array
    {
        foreach (array_keys($this->edges) as $node) {
            if (!isset($this->numbers[$node])) {
                $this->walk($node);
            }
        }
        usort($this->rings, static fn(array $one, array $other): int => $one[0] <=> $other[0]);

        return $this->rings;
    }

    /** Without recursion: a chain of thousands of rules is deeper than calls may be. */
    private function walk(int $root): void
    {
        $work = [[$root, 0]];
        while ($work !== []) {
            [$node, $next] = array_pop($work);
            if ($next === 0) {
                $this->numbers[$node] = $this->lowest[$node] = count($this->numbers);
                $this->stack[$node] = true;
            }
            $to = $this->edges[$node][$next] ?? null;
            if ($to !== null) {
                $work[] = [$node, $next + 1];
                if (!isset($this->numbers[$to])) {
                    $work[] = [$to, 0];
                } elseif (isset($this->stack[$to])) {
                    $this->lowest[$node] = min($this->lowest[$node], $this->numbers[$to]);
                }
                continue;
            }
            $this->close($node);
            $parent = $work === [] ? null : end($work)[0];
            if ($parent !== null) {
                $this->lowest[$parent] = min($this->lowest[$parent], $this->lowest[$node]);
            }
        }
    }

    private function close(int $node): void
    {
        if ($this->lowest[$node] !== $this->numbers[$node]) {
            return;
        }
        $ring = [];
        do {
            $last = array_key_last($this->stack);
            unset($this->stack[$last]);
            $ring[] = (int) $last;
        } while ($last !== $node);
        sort($ring);
        if (count($ring) > 1 || in_array($node, $this->edges[$node] ?? [], true)) {
            $this->rings[] = $ring;
        }
    }
}
