<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/**
 * Who has which task, with what comes of it. A change of some looks anew at those people alone, and what one task more
 * or less makes of somebody is kept until their tasks change.
 */
final class Assignment
{
    /** @var array<int, string> person by place of the task */
    private array $holders = [];

    /** @var array<array-key, list<int>> places of tasks by person, in the order of the load plan */
    private array $held = [];

    /** @var array<array-key, array<int, Job>> tasks on the lines of those who were thought of, by person and place */
    private array $jobs = [];

    /** @var array<array-key, Strain> by person */
    private array $strains = [];

    /** @var array<array-key, array<int, Strain>> what one task less, or more, makes of somebody; by person and place */
    private array $changed = [];

    private Fullness $fullness;

    /** @var array<array-key, int> what each person can do until the last task is due */
    private array $capacity = [];

    private readonly Continuity $continuity;

    private Cost $cost;

    /**
     * @param list<Movable>           $tasks in the order of the load plan, the earliest due first
     * @param array<array-key, Reach> $reach by person
     */
    public function __construct(private readonly array $tasks, private readonly array $reach)
    {
        $last = max([0, ...array_map(static fn(Movable $task): int => $task->dueAt ?? 0, $tasks)]);
        foreach ($reach as $person => $one) {
            $this->held[$person] = [];
            $this->capacity[$person] = $one->until($last);
        }
        foreach ($tasks as $place => $task) {
            $this->holders[$place] = $task->holderId;
            $this->held[$task->holderId][] = $place;
        }
        $this->continuity = new Continuity($tasks);
        $late = 0;
        foreach ($this->held as $person => $places) {
            $this->strains[$person] = $this->strainBy((string) $person, $places);
            $late += $this->strains[$person]->late;
        }
        $this->fullness = new Fullness($this->strains, $this->capacity);
        $this->cost = new Cost($late, $this->fullness->greatestBut([]), 0, $this->continuity->breaks());
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

    public function strainOf(string $person): Strain
    {
        return $this->strains[$person];
    }

    public function fullness(): Fullness
    {
        return $this->fullness;
    }

    public function continuity(): Continuity
    {
        return $this->continuity;
    }

    /** @return list<string> who has work that is late, whoever has most of it first */
    public function late(): array
    {
        $late = array_filter(array_map(static fn(Strain $one): int => $one->late, $this->strains));
        $people = array_map(strval(...), array_keys($late));
        usort($people, static fn(string $a, string $b): int => $late[$b] <=> $late[$a] ?: $a <=> $b);

        return $people;
    }

    /** What somebody would be without a task of theirs, or with one more. */
    public function changedBy(string $person, int $place): Strain
    {
        return $this->changed[$person][$place] ??= $this->strain(
            $person,
            ...$this->holders[$place] === $person ? [[$place], []] : [[], [$place]],
        );
    }

    /**
     * What people would be like; nothing is changed.
     *
     * @param array<int, string> $to person by place of the task
     *
     * @return array<array-key, Strain> of those whom it touches
     */
    public function strains(array $to): array
    {
        if (count($to) === 1) {
            [$place, $person] = [array_key_first($to), reset($to)];
            $from = $this->holders[$place];

            return $from === $person
                ? []
                : [$from => $this->changedBy($from, $place), $person => $this->changedBy($person, $place)];
        }
        $lost = $gained = [];
        foreach ($to as $place => $person) {
            $lost[$this->holders[$place]][] = $place;
            $gained[$person][] = $place;
        }
        $strains = [];
        foreach ($lost + $gained as $person => $_) {
            [$less, $more] = [$lost[$person] ?? [], $gained[$person] ?? []];
            $strains[$person] =
                count($less) + count($more) === 1
                    ? $this->changedBy((string) $person, $less[0] ?? $more[0])
                    : $this->strain((string) $person, $less, $more);
        }

        return $strains;
    }

    /**
     * @param array<int, string>       $to      person by place of the task
     * @param array<array-key, Strain> $strains of those whom it touches
     */
    public function costWith(array $to, array $strains): Cost
    {
        $late = $this->cost->late;
        $peak = $this->fullness->greatestBut($strains);
        foreach ($strains as $person => $strain) {
            $late += $strain->late - $this->strains[$person]->late;
            $peak = $strain->peak->compare($peak) > 0 ? $strain->peak : $peak;
        }
        $moves = $this->cost->moves;
        foreach ($to as $place => $person) {
            $home = $this->tasks[$place]->holderId;
            $moves += ($person === $home ? 0 : 1) - ($this->holders[$place] === $home ? 0 : 1);
        }

        return new Cost($late, $peak, $moves, $this->continuity->breaksWith($to, $this->holders));
    }

    /**
     * @param array<int, string> $to person by place of the task
     *
     * @return list<string> whom it touched
     */
    public function take(array $to): array
    {
        $strains = $this->strains($to);
        $this->cost = $this->costWith($to, $strains);
        $this->continuity->take($to, $this->holders);
        foreach ($to as $place => $person) {
            $from = $this->holders[$place];
            $this->held[$from] = array_values(array_diff($this->held[$from], [$place]));
        }
        foreach ($to as $place => $person) {
            $this->held[$person][] = $place;
            sort($this->held[$person]);
            $this->holders[$place] = $person;
        }
        foreach ($strains as $person => $strain) {
            $this->strains[$person] = $strain;
            unset($this->changed[$person]);
        }
        $this->fullness = new Fullness($this->strains, $this->capacity);

        return array_map(strval(...), array_keys($strains));
    }

    /**
     * @param list<int> $less places of tasks
     * @param list<int> $more likewise
     */
    private function strain(string $person, array $less, array $more): Strain
    {
        sort($more);
        $places = [];
        $next = 0;
        foreach ($this->held[$person] as $place) {
            while (isset($more[$next]) && $more[$next] < $place) {
                $places[] = $more[$next++];
            }
            if (!in_array($place, $less, true)) {
                $places[] = $place;
            }
        }

        return $this->strainBy($person, [...$places, ...array_slice($more, $next)]);
    }

    /** @param list<int> $places in the order of the load plan */
    private function strainBy(string $person, array $places): Strain
    {
        $jobs = [];
        foreach ($places as $place) {
            $jobs[] = $this->jobs[$person][$place] ??= $this->tasks[$place]->on($this->reach[$person]);
        }

        return (new Line($jobs))->strain();
    }
}
