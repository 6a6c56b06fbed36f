<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** The open work of everybody. */
final readonly class Work
{
    /** @param array<string, PersonWork> $byPerson */
    private function __construct(private array $byPerson, private PersonWork $nothing = new PersonWork()) {}

    /**
     * @param iterable<WorkItem> $items
     * @param array<string, int> $lastAssigned instant by person
     */
    public static function of(iterable $items, array $lastAssigned = []): self
    {
        $loading = [];
        $open = [];
        foreach ($items as $item) {
            if ($item->status->isOpen() && $item->holderId !== null) {
                $open[$item->holderId] = ($open[$item->holderId] ?? 0) + 1;
            }
            $loaded = $item->loads();
            if ($loaded !== null) {
                $loading[$loaded][] = $item;
            }
        }
        $byPerson = [];
        foreach (array_keys($loading + $open + $lastAssigned) as $id) {
            $byPerson[$id] = new PersonWork($loading[$id] ?? [], $open[$id] ?? 0, $lastAssigned[$id] ?? null);
        }

        return new self($byPerson);
    }

    public function held(string $personId): PersonWork
    {
        return $this->byPerson[$personId] ?? $this->nothing;
    }

    /**
     * What is known of it where only that is known.
     *
     * @param list<string> $personIds
     * @param list<string> $lastAssigned those of whom it is known when work last came to them
     */
    public function ofOnly(array $personIds, array $lastAssigned): self
    {
        $byPerson = array_intersect_key($this->byPerson, array_flip($personIds));
        foreach (array_diff_key($byPerson, array_flip($lastAssigned)) as $id => $held) {
            $byPerson[$id] = new PersonWork($held->loading, $held->openTasks);
        }

        return new self($byPerson, $this->nothing);
    }

    /** With a task that has just come to a person. */
    public function taken(string $personId, WorkItem $item, int $at): self
    {
        $byPerson = $this->byPerson;
        $byPerson[$personId] = $this->held($personId)->taking($item, $at);

        return new self($byPerson, $this->nothing);
    }
}
