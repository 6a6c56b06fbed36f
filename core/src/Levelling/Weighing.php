<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** What an assignment with some moves comes to: as it is, and once some of them are left. */
final readonly class Weighing
{
    /** @var array<array-key, list<int>> by task */
    private array $places;

    /**
     * @param list<Movable>           $tasks in the order of the load plan, the earliest due first
     * @param array<array-key, Reach> $reach by person
     */
    public function __construct(private array $tasks, private array $reach)
    {
        $places = [];
        foreach ($tasks as $place => $task) {
            $places[$task->id][] = $place;
        }
        $this->places = $places;
    }

    /**
     * @param list<Move> $moves
     *
     * @return array<int, int> late work that there would be more of without the moves of each group, in ten-thousandths
     *     of a second; less than nothing where it makes others late
     */
    public function savings(array $moves): array
    {
        $assignment = $this->assignment($moves);
        $back = [];
        foreach ($moves as $move) {
            $back[$move->group] = ($back[$move->group] ?? []) + array_fill_keys($this->placesOf($move), $move->fromId);
        }

        return array_map(
            static fn(array $to): int => $assignment->costWith($to, $assignment->strains($to))->late -
                $assignment->cost()->late,
            $back,
        );
    }

    /** @param list<Move> $moves */
    public function of(array $moves): Weighed
    {
        $assignment = $this->assignment($moves);
        $people = [];
        foreach (array_keys($this->reach) as $person) {
            $people[$person] = $this->person((string) $person, $assignment);
        }

        return new Weighed($assignment->cost(), $people);
    }

    /** @param list<Move> $moves */
    private function assignment(array $moves): Assignment
    {
        $assignment = new Assignment($this->tasks, $this->reach);
        $to = [];
        foreach ($moves as $move) {
            $to += array_fill_keys($this->placesOf($move), $move->toId);
        }
        if ($to !== []) {
            $assignment->take($to);
        }

        return $assignment;
    }

    /** @return list<int> */
    private function placesOf(Move $move): array
    {
        return array_values(
            array_filter(
                $this->places[$move->taskId] ?? [],
                fn(int $place): bool => $this->tasks[$place]->holderId === $move->fromId,
            ),
        );
    }

    private function person(string $person, Assignment $assignment): WeighedPerson
    {
        $reach = $this->reach[$person];
        $jobs = $dues = [];
        foreach ($assignment->heldBy($person) as $place) {
            $jobs[] = $this->tasks[$place]->on($reach);
            $dues[$this->tasks[$place]->id] = $this->tasks[$place]->dueAt;
        }
        $finishes = array_map($reach->at(...), (new Line($jobs))->ends());
        $overFrom = null;
        foreach ($dues as $id => $due) {
            if ($due !== null && ($finishes[$id] ?? PHP_INT_MAX) > $due) {
                $overFrom = min($overFrom ?? $due, $due);
            }
        }

        return new WeighedPerson($assignment->strainOf($person), $finishes, $overFrom);
    }
}
