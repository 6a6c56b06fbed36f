<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/**
 * That whoever has a task has it in place of somebody who is away; it lasts until it is handed back, or somebody hands
 * the task on by hand.
 */
final readonly class Covering
{
    /**
     * @param string       $forId     the person who is away
     * @param string       $absenceId of that person, on account of which it passed
     * @param list<string> $via       substitutes in whose place they have it, who went away too, one after the other
     * @param bool         $held      it was in hand when it passed, and did not come in the meantime
     * @param list<string> $touchedBy people who have begun with it while they covered
     */
    public function __construct(
        public string $forId,
        public string $absenceId,
        public array $via = [],
        public bool $held = false,
        public array $touchedBy = [],
    ) {}

    public function touchedBy(string $personId): self
    {
        return in_array($personId, $this->touchedBy, true)
            ? $this
            : new self($this->forId, $this->absenceId, $this->via, $this->held, [...$this->touchedBy, $personId]);
    }

    /** A substitute goes away, too. */
    public function passedOnBy(string $substituteId): self
    {
        return new self($this->forId, $this->absenceId, [...$this->via, $substituteId], $this->held, $this->touchedBy);
    }

    /** One of those who went away has it again. */
    public function backWith(string $substituteId): self
    {
        return new self(
            $this->forId,
            $this->absenceId,
            array_slice($this->via, 0, (int) array_search($substituteId, $this->via, true)),
            $this->held,
            $this->touchedBy,
        );
    }
}
