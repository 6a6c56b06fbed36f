<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Subject\DoneTask;
use OpenBaton\Core\Time\LocalDate;

/** What is known about the subject of an event at its moment, by field path. A missing path is a missing value. */
final readonly class Facts
{
    /**
     * @param array<string, string|int|float|bool|list<string>>      $values after the change
     * @param LocalDate                                              $today  in the zone of the house
     * @param array<string, string|int|float|bool|list<string>>|null $before the change; null: the subject has just been
     *     made
     * @param array<string, string> $days what days seen from now are, as YYYY-MM-DD by RelativeDate's text
     * @param array<array-key, list<string>> $teams of the people that the values name, by person
     * @param list<string> $together who hold the task together with its assignee
     * @param list<DoneTask> $kin tasks that belong with it and are done, the latest first
     */
    public function __construct(
        public array $values,
        public LocalDate $today,
        public ?array $before = null,
        public array $days = [],
        public array $teams = [],
        public array $together = [],
        public array $kin = [],
    ) {}

    /** @return string|int|float|bool|list<string>|null */
    public function value(string $path): string|int|float|bool|array|null
    {
        return $this->values[$path] ?? null;
    }

    /** @return string|int|float|bool|list<string>|null */
    public function valueBefore(string $path): string|int|float|bool|array|null
    {
        return $this->before[$path] ?? null;
    }

    public function text(string $path): ?string
    {
        $value = $this->values[$path] ?? null;

        return is_string($value) ? $value : null;
    }

    /** @param list<DoneTask> $kin */
    public function knowing(array $kin): self
    {
        return new self($this->values, $this->today, $this->before, $this->days, $this->teams, $this->together, $kin);
    }

    public function isInTeam(string $personId, string $team): bool
    {
        return in_array($team, $this->teams[$personId] ?? [], true);
    }

    /** @return list<string> paths of the fields whose values differ from before */
    public function changed(): array
    {
        $changed = [];
        foreach ($this->values + ($this->before ?? []) as $path => $value) {
            if ($this->value($path) !== $this->valueBefore($path)) {
                $changed[] = $path;
            }
        }

        return $changed;
    }
}
