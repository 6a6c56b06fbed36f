<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/**
 * A bound on late work that no assignment beats: each task may be shared out among those who may have it, without
 * regard to who does what at the same moment. What can then be done in time at most is a maximum flow from tasks to the
 * intervals of people, cut at all moments at which one may begin or is due (Horn 1974; Ford and Fulkerson 1956, by
 * the layers of Dinic 1970). Exact in whole units.
 */
final class FlowBound
{
    private const SOURCE = 0;
    private const SINK = 1;

    /** @var list<list<int>> edges of each node */
    private array $edges = [[], []];

    /** @var list<int> where an edge leads; the one beside it, of the other parity, leads back */
    private array $to = [];

    /** @var array<int, int> what it has room for */
    private array $room = [];

    private function __construct() {}

    /**
     * @param list<Movable>         $tasks dated ones; others are never late
     * @param array<array-key, Reach> $reach by person
     *
     * @return int of all their work what is late at least
     */
    public static function of(array $tasks, array $reach): int
    {
        $moments = [];
        foreach ($tasks as $task) {
            $moments[] = $task->startAt ?? 0;
            $moments[] = $task->dueAt ?? 0;
        }
        $moments = array_values(array_unique($moments));
        sort($moments);
        $places = array_flip($moments);
        $flow = new self();
        $work = 0;
        $nodes = [];
        foreach ($tasks as $task) {
            if ($task->dueAt === null) {
                continue;
            }
            $work += $task->work;
            $node = $flow->node();
            $flow->edge(self::SOURCE, $node, $task->work);
            foreach ($task->eligible as $personId) {
                for ($at = $places[$task->startAt ?? 0]; $at < $places[$task->dueAt]; ++$at) {
                    $room = $reach[$personId]->until($moments[$at + 1]) - $reach[$personId]->until($moments[$at]);
                    if ($room === 0) {
                        continue;
                    }
                    if (!isset($nodes[$personId][$at])) {
                        $nodes[$personId][$at] = $flow->node();
                        $flow->edge($nodes[$personId][$at], self::SINK, $room);
                    }
                    $flow->edge($node, $nodes[$personId][$at], $task->work);
                }
            }
        }

        return $work - $flow->most();
    }

    private function node(): int
    {
        $this->edges[] = [];

        return count($this->edges) - 1;
    }

    private function edge(int $from, int $to, int $room): void
    {
        $this->edges[$from][] = count($this->to);
        $this->to[] = $to;
        $this->room[] = $room;
        $this->edges[$to][] = count($this->to);
        $this->to[] = $from;
        $this->room[] = 0;
    }

    private function most(): int
    {
        $most = 0;
        while (($layers = $this->layers()) !== null) {
            $next = array_fill(0, count($this->edges), 0);
            while (($pushed = $this->push(self::SOURCE, PHP_INT_MAX, $layers, $next)) > 0) {
                $most += $pushed;
            }
        }

        return $most;
    }

    /** @return array<int, int>|null how far each node is; null: nothing reaches the sink any more */
    private function layers(): ?array
    {
        $layers = [self::SOURCE => 0];
        $queue = [self::SOURCE];
        for ($head = 0; $head < count($queue); ++$head) {
            foreach ($this->edges[$queue[$head]] as $edge) {
                if ($this->room[$edge] > 0 && !isset($layers[$this->to[$edge]])) {
                    $layers[$this->to[$edge]] = $layers[$queue[$head]] + 1;
                    $queue[] = $this->to[$edge];
                }
            }
        }

        return isset($layers[self::SINK]) ? $layers : null;
    }

    /**
     * @param array<int, int> $layers
     * @param array<int, int> $next   of each node the first edge that may still lead on
     */
    private function push(int $node, int $most, array $layers, array &$next): int
    {
        if ($node === self::SINK) {
            return $most;
        }
        for (; $next[$node] < count($this->edges[$node]); ++$next[$node]) {
            $edge = $this->edges[$node][$next[$node]];
            $to = $this->to[$edge];
            if ($this->room[$edge] > 0 && ($layers[$to] ?? -1) === $layers[$node] + 1) {
                $pushed = $this->push($to, min($most, $this->room[$edge]), $layers, $next);
                if ($pushed > 0) {
                    $this->room[$edge] -= $pushed;
                    $this->room[$edge ^ 1] += $pushed;

                    return $pushed;
                }
            }
        }

        return 0;
    }
}
