<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/**
 * A bound on late work that no assignment beats: each task may be shared out among those who may have it, without
 * regard to who does what at the same moment. What can then be done in time at most is a maximum flow from tasks to the
 * intervals of people, cut at all moments at which one may begin or is due (Horn 1974; Ford and Fulkerson 1956, by
 * the layers of Dinic 1970). Exact in whole units.
 *
 * Tasks that the same people may have in the same time are one, and a task leads to few spans of intervals instead of
 * to each of them: the halves, quarters and so on of somebody's time.
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
        $flow = new self();
        $alike = self::alike($tasks);
        $nodes = [];
        foreach ($alike as [$work]) {
            $flow->edge(self::SOURCE, $nodes[] = $flow->node(), $work);
        }
        $byPerson = [];
        foreach ($alike as $place => [, $task]) {
            foreach ($task->eligible as $personId) {
                $from = $task->startAt === null ? 0 : $reach[$personId]->until($task->startAt);
                $to = $reach[$personId]->until($task->dueAt ?? 0);
                if ($from < $to) {
                    $byPerson[$personId][] = [$nodes[$place], $from, $to];
                }
            }
        }
        foreach ($byPerson as $windows) {
            $flow->timeOf($windows);
        }

        return array_sum(array_column($alike, 0)) - $flow->most();
    }

    /**
     * @param list<Movable> $tasks
     *
     * @return list<array{int, Movable}> the work of those that are alike, and one of them
     */
    private static function alike(array $tasks): array
    {
        $alike = [];
        foreach ($tasks as $task) {
            if ($task->dueAt !== null) {
                $key = implode(' ', [$task->startAt ?? '', $task->dueAt, ...$task->eligible]);
                $alike[$key] = [($alike[$key][0] ?? 0) + $task->work, $task];
            }
        }

        return array_values($alike);
    }

    /**
     * The time of one person.
     *
     * @param non-empty-list<array{int, int, int}> $windows node of a task, from and to
     */
    private function timeOf(array $windows): void
    {
        $cuts = array_values(array_unique([...array_column($windows, 1), ...array_column($windows, 2)]));
        sort($cuts);
        $places = array_flip($cuts);
        $spans = [];
        foreach ($windows as [$task, $from, $to]) {
            foreach ($this->spans($places[$from], $places[$to], 0, count($cuts) - 1) as $span) {
                $spans[$span] ??= $this->span($span, $cuts, $spans);
                $this->edge($task, $spans[$span], PHP_INT_MAX);
            }
        }
    }

    /**
     * @return list<string> the fewest halves, quarters and so on of the intervals that make up some of them
     */
    private function spans(int $from, int $to, int $low, int $high): array
    {
        if ($from >= $high || $to <= $low) {
            return [];
        }
        if ($from <= $low && $to >= $high) {
            return ["{$low} {$high}"];
        }
        $middle = intdiv($low + $high, 2);

        return [...$this->spans($from, $to, $low, $middle), ...$this->spans($from, $to, $middle, $high)];
    }

    /**
     * @param list<int>          $cuts
     * @param array<string, int> $spans nodes of those that there are
     */
    private function span(string $name, array $cuts, array &$spans): int
    {
        [$low, $high] = array_map(intval(...), explode(' ', $name));
        $node = $this->node();
        if ($high - $low === 1) {
            $this->edge($node, self::SINK, $cuts[$high] - $cuts[$low]);

            return $node;
        }
        $middle = intdiv($low + $high, 2);
        foreach (["{$low} {$middle}", "{$middle} {$high}"] as $half) {
            $spans[$half] ??= $this->span($half, $cuts, $spans);
            $this->edge($node, $spans[$half], PHP_INT_MAX);
        }

        return $node;
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
