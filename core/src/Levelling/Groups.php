<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** Tasks moved in one step, or in steps that touched the same task, belong together (union by Tarjan 1975). */
final class Groups
{
    /** @var array<int, int> place of a task that stands for its group, by place */
    private array $parents = [];

    /** @param list<int> $places of tasks */
    public function join(array $places): void
    {
        $root = $this->rootOf($places[0]);
        foreach ($places as $place) {
            $this->parents[$this->rootOf($place)] = $root;
        }
    }

    /**
     * @param list<int> $places of tasks
     *
     * @return array<int, int> number of the group by place, from one on
     */
    public function numbers(array $places): array
    {
        $numbers = $byRoot = [];
        foreach ($places as $place) {
            $root = $this->rootOf($place);
            $byRoot[$root] ??= count($byRoot) + 1;
            $numbers[$place] = $byRoot[$root];
        }

        return $numbers;
    }

    private function rootOf(int $place): int
    {
        $this->parents[$place] ??= $place;
        while ($this->parents[$place] !== $place) {
            $place = $this->parents[$place] = $this->parents[$this->parents[$place]];
        }

        return $place;
    }
}
