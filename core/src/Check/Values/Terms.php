<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

use OverflowException;

/** A disjunction of terms: any of them holds. */
final readonly class Terms
{
    public const MOST = 4096;

    /** Up to so many it is looked, at every step, whether one lies within another. */
    private const FEW = 64;

    /** So often at most that is looked where there are too many. */
    private const LOOKS = 200_000;

    /** @param list<Term> $all */
    private function __construct(public array $all) {}

    public static function always(): self
    {
        return new self([Term::always()]);
    }

    /** @param list<Term|null> $terms null: one that never holds */
    public static function of(array $terms): self
    {
        return new self(self::apart(array_values(array_filter($terms))));
    }

    public function isEmpty(): bool
    {
        return $this->all === [];
    }

    /** @throws OverflowException */
    public function or(self $other): self
    {
        return new self(self::apart([...$this->all, ...$other->all]));
    }

    /** @throws OverflowException */
    public function and(self $other): self
    {
        $terms = [];
        foreach ($this->all as $one) {
            foreach ($other->all as $two) {
                $both = $one->and($two);
                if ($both !== null) {
                    $terms[] = $both;
                }
            }
            if (count($terms) > self::MOST) {
                $terms = self::apart($terms);
            }
        }

        return new self(self::apart($terms));
    }

    /** Whether the other holds wherever this one does; where that takes too long to say, it does not. */
    public function isWithin(self $other): bool
    {
        try {
            foreach ($this->all as $term) {
                if (Covering::of($term, $other->all) === null) {
                    return false;
                }
            }
        } catch (OverflowException) {
            return false;
        }

        return true;
    }

    /**
     * Without those that lie within another.
     *
     * @param list<Term> $terms
     *
     * @return list<Term>
     *
     * @throws OverflowException
     */
    private static function apart(array $terms): array
    {
        if (count($terms) < 2 || (count($terms) > self::FEW && count($terms) <= self::MOST)) {
            return $terms;
        }
        $kept = [];
        $looks = 0;
        foreach ($terms as $term) {
            $looks += 2 * count($kept);
            if ($looks > self::LOOKS) {
                throw new OverflowException();
            }
            foreach ($kept as $one) {
                if ($term->isWithin($one)) {
                    continue 2;
                }
            }
            $kept = [...array_filter($kept, static fn(Term $one): bool => !$one->isWithin($term)), $term];
        }

        return array_values($kept);
    }
}
