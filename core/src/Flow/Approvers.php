<?php

declare(strict_types=1);

namespace OpenBaton\Core\Flow;

use OpenBaton\Core\Absence\SubstituteFinder;
use OpenBaton\Core\Criteria\Facts;
use OpenBaton\Core\People\Roster;

/**
 * Who answers an approval: never whoever started it, made what is to be approved, or holds or last held the work,
 * unless it is said that they may; for somebody who is absent their substitute.
 */
final readonly class Approvers
{
    private SubstituteFinder $finder;

    /**
     * @param list<string> $barred who may not answer
     * @param int          $at     instant
     * @param Facts|null   $facts  of the work, by which substitutes are limited
     */
    public function __construct(Roster $roster, private array $barred, private int $at, private ?Facts $facts = null)
    {
        $this->finder = new SubstituteFinder($roster);
    }

    public function mayBeAsked(string $personId): bool
    {
        return !in_array($personId, $this->barred, true);
    }

    /**
     * @param list<string> $asked who is asked already: nobody answers twice
     *
     * @return string|null null: nobody can
     */
    public function answererFor(string $personId, array $asked): ?string
    {
        $cover = $this->finder->find($personId, $this->at, $this->facts, [...$this->barred, ...$asked]);

        return $cover->personId !== null && !in_array($cover->personId, $asked, true) ? $cover->personId : null;
    }
}
