<?php

declare(strict_types=1);

namespace OpenBaton\Core\Map;

use OpenBaton\Core\Figures\Typical;

/**
 * Counts what happened along the arrows of a map and at its places, at each level at once: from a place or from the
 * group in which it lies, to a place or to its group. A median of groups cannot be had from those of what lies in them.
 */
final class Flows
{
    /** @var array<string, MapArrow> by MapArrow::key(), those along which something went */
    private array $arrows = [];

    /** @var array<string, int> by MapArrow::key() or id of a node, as are $minutes */
    private array $numbers = [];

    /** @var array<string, list<int>> */
    private array $minutes = [];

    public function __construct(private readonly HouseMap $map) {}

    /**
     * What is not on the map counts nothing.
     *
     * @param int|null $minutes that it took or was waited for; null: that is not known yet
     */
    public function went(string $from, string $to, ArrowKind $kind, ?int $minutes = null): void
    {
        foreach ($this->atEachLevel($from, $to, $kind) as $key => $arrow) {
            $this->arrows[$key] = $arrow;
            $this->count($key, $minutes);
        }
    }

    /** Something happened at a place, such as that a stage was entered. */
    public function at(string $node, ?int $minutes = null): void
    {
        if (isset($this->map->nodes[$node])) {
            $this->count($node, $minutes);
        }
    }

    /** @return array<string, MapArrow> by key, those that are defined or along which something went, at each level */
    public function arrows(): array
    {
        $arrows = $this->arrows;
        foreach ($this->map->arrows as $arrow) {
            $arrows += $this->atEachLevel($arrow->from, $arrow->to, $arrow->kind);
        }

        return $arrows;
    }

    /** @param string $of id of a node, or MapArrow::key() */
    public function counted(string $of): Counted
    {
        return new Counted($this->numbers[$of] ?? 0, Typical::of($this->minutes[$of] ?? []));
    }

    /** @return array<string, MapArrow> by key: between each of two places or its group, and the other or its group */
    private function atEachLevel(string $from, string $to, ArrowKind $kind): array
    {
        $arrows = [];
        foreach ($this->levels($from) as $one) {
            foreach ($this->levels($to) as $other) {
                if ($this->isArrow($one, $other)) {
                    $arrow = new MapArrow($one, $other, $kind);
                    $arrows[$arrow->key()] = $arrow;
                }
            }
        }

        return $arrows;
    }

    /** @return list<string> itself, and the group in which it lies; none: it is not on the map */
    private function levels(string $id): array
    {
        $group = $this->map->groupOf($id);

        return isset($this->map->nodes[$id]) ? ($group === null ? [$id] : [$id, $group]) : [];
    }

    /** Nothing leads from a place to itself, nor to the group in which it lies. */
    private function isArrow(string $from, string $to): bool
    {
        return $from !== $to && $this->map->groupOf($from) !== $to && $this->map->groupOf($to) !== $from;
    }

    private function count(string $of, ?int $minutes): void
    {
        $this->numbers[$of] = ($this->numbers[$of] ?? 0) + 1;
        if ($minutes !== null) {
            $this->minutes[$of][] = $minutes;
        }
    }
}
