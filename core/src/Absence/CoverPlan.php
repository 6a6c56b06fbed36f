<?php

declare(strict_types=1);

namespace OpenBaton\Core\Absence;

/** What becomes of the work of somebody who is away, task by task. */
final readonly class CoverPlan
{
    /**
     * @param list<CoverLine>      $lines in the order in which the work would be done
     * @param list<SubstituteLoad> $loads of whoever gets something, in the order in which they first do
     */
    public function __construct(public Absence $absence, public array $lines, public array $loads) {}

    /** @return list<CoverLine> */
    public function gaps(): array
    {
        return array_values(array_filter($this->lines, static fn(CoverLine $line): bool => $line->isGap()));
    }

    /** @return array<array-key, int> how many tasks each substitute gets, by person */
    public function passing(): array
    {
        return array_count_values(
            array_filter(array_map(static fn(CoverLine $line): ?string => $line->toId, $this->lines), is_string(...)),
        );
    }
}
