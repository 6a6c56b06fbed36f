<?php

declare(strict_types=1);

namespace OpenBaton\Core\Workload;

/** The open work of everybody. */
final readonly class Work
{
    /** @param array<array-key, PersonWork> $byPerson */
    private function __construct(private array $byPerson, private PersonWork $nothing = new PersonWork()) {}

    /**
     * @param iterable<WorkItem>    $items
     * @param array<array-key, int> $lastAssigned instant by person
     */
    public static function of(iterable $items, array $lastAssigned = []): self
    {
        $byPerson = [];
        foreach ($items as $item) {
            foreach (self::concerned($item) as $id) {
                $byPerson[$id][] = $item;
            }
        }
        $work = [];
        foreach (array_keys($byPerson + $lastAssigned) as $id) {
            $work[$id] = PersonWork::of((string) $id, $byPerson[$id] ?? [], $lastAssigned[$id] ?? null);
        }

        return new self($work);
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
            $byPerson[$id] = $held->undated();
        }

        return new self($byPerson);
    }

    /**
     * With a task as it is now.
     *
     * @param WorkItem|null $before as it was; null: it is new
     */
    public function after(?WorkItem $before, WorkItem $item): self
    {
        $byPerson = $this->byPerson;
        if ($before !== null) {
            foreach (self::concerned($before) as $id) {
                $byPerson[$id] = ($byPerson[$id] ?? $this->nothing)->without($before->id);
            }
        }
        foreach (self::concerned($item) as $id) {
            $byPerson[$id] = ($byPerson[$id] ?? $this->nothing)->with($id, $item);
        }

        return new self($byPerson, $this->nothing);
    }

    /** @param array<array-key, int> $at instant at which work came to somebody, by person */
    public function assigned(array $at): self
    {
        $byPerson = $this->byPerson;
        foreach ($at as $id => $instant) {
            $byPerson[$id] = ($byPerson[$id] ?? $this->nothing)->assigned($instant);
        }

        return new self($byPerson, $this->nothing);
    }

    /** @param iterable<array{string, string}> $done a person, and a customer for whom they have done work */
    public function knowing(iterable $done): self
    {
        $byPerson = $this->byPerson;
        foreach ($done as [$personId, $customerId]) {
            $byPerson[$personId] = ($byPerson[$personId] ?? $this->nothing)->knowing($customerId);
        }

        return new self($byPerson, $this->nothing);
    }

    /** With what is known of others, or better known of the same. */
    public function with(self $other): self
    {
        return new self($other->byPerson + $this->byPerson, $this->nothing);
    }

    /** @return list<string> who holds it and who reviews it, each once */
    private static function concerned(WorkItem $item): array
    {
        $holders = $item->holderIds();

        return $item->reviewerId === null || in_array($item->reviewerId, $holders, true)
            ? $holders
            : [...$holders, $item->reviewerId];
    }
}
