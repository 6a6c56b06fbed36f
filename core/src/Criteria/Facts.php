<?php

declare(strict_types=1);

namespace OpenBaton\Core\Criteria;

use OpenBaton\Core\Time\LocalDate;

/** What is known about the subject of an event at its moment, by field path. A missing path is a missing value. */
final readonly class Facts
{
    /**
     * @param array<string, string|int|float|bool|list<string>> $values
     * @param LocalDate                                         $today  in the zone of the house
     */
    public function __construct(public array $values, public LocalDate $today) {}

    /** @return string|int|float|bool|list<string>|null */
    public function value(string $path): string|int|float|bool|array|null
    {
        return $this->values[$path] ?? null;
    }

    public function text(string $path): ?string
    {
        $value = $this->values[$path] ?? null;

        return is_string($value) ? $value : null;
    }
}
