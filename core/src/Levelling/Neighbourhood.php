<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/**
 * The changes of an assignment that may be worth a look: from whoever is over, of their tasks those without which they
 * would be better off, to whoever may have them and has most room.
 */
final readonly class Neighbourhood
{
    /** People to whom a task is thought of as given, those with most room first. */
    private const TAKERS = 24;

    /** @var array<int, array<array-key, int>> who may have a task, by its place */
    private array $eligible;

    /** @param list<Movable> $tasks in the order of the load plan */
    public function __construct(private array $tasks, private Assignment $assignment)
    {
        $this->eligible = array_map(static fn(Movable $task): array => array_flip($task->eligible), $tasks);
    }

    /** @return iterable<array<int, string>> */
    public function moves(string $giver): iterable
    {
        foreach ($this->burdens($giver) as $place) {
            foreach ($this->takers($place, $giver) as $taker) {
                yield [$place => $taker];
            }
        }
    }

    /** @return iterable<array<int, string>> whoever takes one gives another back */
    public function swaps(string $giver): iterable
    {
        foreach ($this->burdens($giver) as $place) {
            foreach ($this->takers($place, $giver) as $taker) {
                foreach ($this->movable($taker) as $other) {
                    if (isset($this->eligible[$other][$giver]) && $this->helps($place, $other)) {
                        yield [$place => $taker, $other => $giver];
                    }
                }
            }
        }
    }

    /** @return iterable<array<int, string>> whoever takes one gives another to a third */
    public function chains(string $giver): iterable
    {
        foreach ($this->burdens($giver) as $place) {
            foreach ($this->takers($place, $giver) as $taker) {
                foreach ($this->movable($taker) as $other) {
                    foreach ($this->takers($other, $giver, $taker) as $third) {
                        yield [$place => $taker, $other => $third];
                    }
                }
            }
        }
    }

    /** @return iterable<array<int, string>> what was moved goes back to who had it */
    public function homewards(): iterable
    {
        foreach ($this->tasks as $place => $task) {
            if ($this->assignment->holderOf($place) !== $task->holderId) {
                yield [$place => $task->holderId];
            }
        }
    }

    /** @return iterable<array<int, string>> what one has of a customer goes to another who has some of it */
    public function gathered(): iterable
    {
        foreach ($this->assignment->continuity()->broken() as [$customer, $people]) {
            foreach ($people as $from) {
                $theirs = array_filter(
                    $this->assignment->heldBy($from),
                    fn(int $place): bool => $this->tasks[$place]->customerId === $customer,
                );
                foreach (array_diff($people, [$from]) as $to) {
                    if (array_filter($theirs, fn(int $place): bool => !isset($this->eligible[$place][$to])) === []) {
                        yield array_fill_keys($theirs, $to);
                    }
                }
            }
        }
    }

    /** Whether having the other instead may be better: it is less, or due later. */
    private function helps(int $place, int $other): bool
    {
        return $this->tasks[$other]->work < $this->tasks[$place]->work ||
            ($this->tasks[$other]->dueAt ?? PHP_INT_MAX) > ($this->tasks[$place]->dueAt ?? PHP_INT_MAX);
    }

    /** @return list<int> places of what may go from somebody */
    private function movable(string $person): array
    {
        return array_values(
            array_filter(
                $this->assignment->heldBy($person),
                fn(int $place): bool => count($this->eligible[$place]) > 1,
            ),
        );
    }

    /** @return list<int> places of what may go from somebody and would leave them better off */
    private function burdens(string $person): array
    {
        $strain = $this->assignment->strainOf($person);

        return array_values(
            array_filter(
                $this->movable($person),
                fn(int $place): bool => $this->assignment->changedBy($person, $place)->relieves($strain),
            ),
        );
    }

    /** @return list<string> */
    private function takers(int $place, string ...$but): array
    {
        $takers = [];
        foreach ($this->assignment->fullness()->roomiest() as $person) {
            if (isset($this->eligible[$place][$person]) && !in_array($person, $but, true)) {
                $takers[] = $person;
                if (count($takers) === self::TAKERS) {
                    break;
                }
            }
        }

        return $takers;
    }
}
