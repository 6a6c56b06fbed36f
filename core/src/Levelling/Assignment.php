<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** Who has which task, with what comes of it; a change of some looks anew at those people alone. */
final class Assignment
{
    /** @var array<int, string> person by place of the task */
    private array $holders = [];

    /** @var array<string, list<int>> places of tasks by person, in the order of the load plan */
    private array $held = [];

    /** @var array<string, array<int, Job>> tasks on the lines of those who were thought of, by person and place */
    private array $jobs = [];

    /** @var array<string, int> by person */
    private array $late = [];

    /** @var array<string, Fraction> by person */
    private array $peaks = [];

    /** @var array<string, array<string, int>> how many open tasks, by customer and person */
    private array $with = [];

    private Cost $cost;

    /**
     * @param list<Movable>        $tasks in the order of the load plan, the earliest due first
     * @param array<string, Reach> $reach by person
     */
    public function __construct(private readonly array $tasks, private readonly array $reach)
    {
        foreach (array_keys($reach) as $person) {
            $this->held[(string) $person] = [];
        }
        foreach ($tasks as $place => $task) {
            $this->holders[$place] = $task->holderId;
            $this->held[$task->holderId][] = $place;
            if ($task->customerId !== null) {
                $this->with[$task->customerId][$task->holderId] =
                    ($this->with[$task->customerId][$task->holderId] ?? 0) + 1;
            }
        }
        foreach ($this->held as $person => $places) {
            $line = $this->line($person, $places);
            $this->late[$person] = $line->late();
            $this->peaks[$person] = $line->peak();
        }
        $this->cost = new Cost(
            array_sum($this->late),
            self::greatest($this->peaks),
            0,
            array_sum(array_map(static fn(array $people): int => count($people) - 1, $this->with)),
        );
    }

    public function cost(): Cost
    {
        return $this->cost;
    }

    public function holderOf(int $place): string
    {
        return $this->holders[$place];
    }

    /** @return list<int> places of tasks */
    public function heldBy(string $person): array
    {
        return $this->held[$person];
    }

    public function peakOf(string $person): Fraction
    {
        return $this->peaks[$person];
    }

    /** @return list<string> whoever has most that is late first, then whoever is fullest */
    public function mostOver(): array
    {
        $people = array_map(strval(...), array_keys($this->held));
        usort(
            $people,
            fn(string $a, string $b): int => $this->late[$b] <=> $this->late[$a] ?:
            $this->peaks[$b]->compare($this->peaks[$a]) ?:
            $a <=> $b,
        );

        return $people;
    }

    /**
     * What it would be like; nothing is changed.
     *
     * @param array<int, string> $to person by place of the task
     */
    public function with(array $to): Change
    {
        $held = [];
        foreach ($to as $place => $person) {
            $from = $this->holders[$place];
            $held[$from] ??= $this->held[$from];
            $held[$from] = array_values(array_diff($held[$from], [$place]));
        }
        foreach ($to as $place => $person) {
            $held[$person] ??= $this->held[$person];
            $held[$person][] = $place;
            sort($held[$person]);
        }
        $late = $peaks = [];
        $whole = $this->cost->late;
        foreach ($held as $person => $places) {
            $line = $this->line((string) $person, $places);
            $late[$person] = $line->late();
            $peaks[$person] = $line->peak();
            $whole += $late[$person] - $this->late[$person];
        }
        $with = $this->withAfter($to);

        return new Change(
            $to,
            $held,
            $late,
            $peaks,
            $with,
            new Cost(
                $whole,
                self::greatest($peaks + $this->peaks),
                $this->cost->moves + $this->movesBy($to),
                $this->cost->breaks + $this->breaksBy($with),
            ),
        );
    }

    /** @param array<int, string> $to */
    private function movesBy(array $to): int
    {
        $moves = 0;
        foreach ($to as $place => $person) {
            $home = $this->tasks[$place]->holderId;
            $moves += ($person === $home ? 0 : 1) - ($this->holders[$place] === $home ? 0 : 1);
        }

        return $moves;
    }

    /**
     * @param array<int, string> $to
     *
     * @return array<string, array<string, int>> of the customers whom it touches
     */
    private function withAfter(array $to): array
    {
        $with = [];
        foreach ($to as $place => $person) {
            $customer = $this->tasks[$place]->customerId;
            if ($customer === null) {
                continue;
            }
            $with[$customer] ??= $this->with[$customer];
            $from = $this->holders[$place];
            if (--$with[$customer][$from] === 0) {
                unset($with[$customer][$from]);
            }
            $with[$customer][$person] = ($with[$customer][$person] ?? 0) + 1;
        }

        return $with;
    }

    /** @param array<string, array<string, int>> $with */
    private function breaksBy(array $with): int
    {
        $breaks = 0;
        foreach ($with as $customer => $people) {
            $breaks += count($people) - count($this->with[$customer]);
        }

        return $breaks;
    }

    public function take(Change $change): void
    {
        $this->holders = $change->to + $this->holders;
        $this->held = $change->held + $this->held;
        $this->late = $change->late + $this->late;
        $this->peaks = $change->peaks + $this->peaks;
        $this->with = $change->with + $this->with;
        $this->cost = $change->cost;
    }

    /** @param list<int> $places */
    private function line(string $person, array $places): Line
    {
        $jobs = [];
        foreach ($places as $place) {
            $jobs[] = $this->jobs[$person][$place] ??= $this->tasks[$place]->on($this->reach[$person]);
        }

        return new Line($jobs);
    }

    /** @param array<string, Fraction> $peaks */
    private static function greatest(array $peaks): Fraction
    {
        $greatest = new Fraction(0, 1);
        foreach ($peaks as $one) {
            $greatest = $one->compare($greatest) > 0 ? $one : $greatest;
        }

        return $greatest;
    }
}
