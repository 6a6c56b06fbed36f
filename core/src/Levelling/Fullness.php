<?php

declare(strict_types=1);

namespace OpenBaton\Core\Levelling;

/** People by how full their fullest window is. */
final readonly class Fullness
{
    /** @var list<string> the fullest first; of those who are as full, whoever can do least */
    private array $people;

    /** @var list<string> the same, the other way round */
    private array $roomiest;

    /**
     * @param array<array-key, Strain> $strains  by person
     * @param array<array-key, int>    $capacity what each can do in all
     */
    public function __construct(private array $strains, array $capacity)
    {
        $people = array_map(strval(...), array_keys($strains));
        usort(
            $people,
            static fn(string $a, string $b): int => $strains[$b]->peak->compare($strains[$a]->peak) ?:
            $capacity[$a] <=> $capacity[$b] ?:
            $a <=> $b,
        );
        $this->people = $people;
        $this->roomiest = array_reverse($people);
    }

    /** @return list<string> whoever has most room first */
    public function roomiest(): array
    {
        return $this->roomiest;
    }

    /** @return list<string> those than whom nobody is fuller */
    public function fullest(): array
    {
        $greatest = $this->greatestBut([]);
        $fullest = [];
        foreach ($this->people as $person) {
            if ($this->strains[$person]->peak->compare($greatest) < 0) {
                break;
            }
            $fullest[] = $person;
        }

        return $fullest;
    }

    /** @param array<array-key, mixed> $people who do not count, by id */
    public function greatestBut(array $people): Fraction
    {
        foreach ($this->people as $person) {
            if (!isset($people[$person])) {
                return $this->strains[$person]->peak;
            }
        }

        return new Fraction(0, 1);
    }
}
