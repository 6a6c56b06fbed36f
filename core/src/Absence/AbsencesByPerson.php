<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

use OpenBaton\Core\Criteria\Expression;
use OpenBaton\Core\Criteria\Lookups;

/** Approved absences, found by whose they are. */
final readonly class AbsencesByPerson
{
    /** @var array<array-key, list<Absence>> in order of their begin, by person */
    private array $absences;

    /** @var array<array-key, list<Away>> in order, by person */
    private array $away;

    /** What the criteria of substitutes look up. */
    public Lookups $lookups;

    /** @param list<Absence> $absences of which those that count are kept */
    public function __construct(array $absences)
    {
        $approved = [];
        foreach ($absences as $absence) {
            if ($absence->counts()) {
                $approved[$absence->personId][] = $absence;
            }
        }
        foreach ($approved as &$list) {
            usort(
                $list,
                static fn(Absence $a, Absence $b): int => $a->span->from <=> $b->span->from ?: $a->id <=> $b->id,
            );
        }
        unset($list);
        $this->absences = $approved;
        $this->away = array_map(Away::of(...), $approved);
        $this->lookups = Lookups::of($this->criteria());
    }

    /** @return list<Expression> */
    private function criteria(): array
    {
        $substitutes = array_merge(
            ...array_map(static fn(Absence $absence): array => $absence->substitutes, $this->all()),
        );

        return array_values(
            array_filter(array_map(static fn(Substitute $one): ?Expression => $one->only, $substitutes)),
        );
    }

    /** @return list<Absence> */
    public function all(): array
    {
        return array_merge(...array_values($this->absences));
    }

    /** @return list<Absence> in order of their begin */
    public function of(string $personId): array
    {
        return $this->absences[$personId] ?? [];
    }

    /** @return list<Away> the times for which somebody is away, in order, none touching another */
    public function timesOf(string $personId): array
    {
        return $this->away[$personId] ?? [];
    }

    public function find(string $personId, string $id): ?Absence
    {
        foreach ($this->of($personId) as $absence) {
            if ($absence->id === $id) {
                return $absence;
            }
        }

        return null;
    }

    public function awayAt(string $personId, int $at): ?Away
    {
        foreach ($this->timesOf($personId) as $away) {
            if ($away->span->contains($at)) {
                return $away;
            }
        }

        return null;
    }
}
