<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

/** Comparisons that hold together: of each field the values that it can have then, and what else is so or not. */
final readonly class Term
{
    /**
     * @param array<string, ValueSet>           $sets  by path; any value where there is none
     * @param array<string, array{Atom, bool}>  $atoms by key
     */
    private function __construct(private array $sets = [], private array $atoms = []) {}

    /** What always holds. */
    public static function always(): self
    {
        return new self();
    }

    /** @return self|null null: it never holds */
    public static function of(string $path, ValueSet $values): ?self
    {
        return self::settled([$path => $values], []);
    }

    public static function that(Atom $atom, bool $holds): ?self
    {
        return self::settled([], [$atom->key => [$atom, $holds]]);
    }

    /** @return self|null null: they never hold together */
    public function and(self $other): ?self
    {
        $sets = $this->sets;
        foreach ($other->sets as $path => $set) {
            $sets[$path] = isset($sets[$path]) ? $sets[$path]->and($set) : $set;
            if ($sets[$path]->isEmpty()) {
                return null;
            }
        }
        foreach ($other->atoms as $key => [, $holds]) {
            if (isset($this->atoms[$key]) && $this->atoms[$key][1] !== $holds) {
                return null;
            }
        }

        return self::settled($sets, $this->atoms + $other->atoms);
    }

    /**
     * What is left of this one where the other does not hold.
     *
     * @return list<self> apart from each other
     */
    public function but(self $other): array
    {
        if ($this->and($other) === null) {
            return [$this];
        }
        $left = [];
        [$sets, $atoms] = [$this->sets, $this->atoms];
        foreach ($other->sets as $path => $set) {
            $outside = isset($sets[$path]) ? $sets[$path]->but($set) : $set->complement();
            $left[] = self::settled([$path => $outside] + $sets, $atoms);
            $sets[$path] = isset($sets[$path]) ? $sets[$path]->and($set) : $set;
        }
        foreach ($other->atoms as $key => [$atom, $holds]) {
            if (!isset($atoms[$key])) {
                $left[] = self::settled($sets, [$key => [$atom, !$holds]] + $atoms);
                $atoms[$key] = [$atom, $holds];
            }
        }

        return array_values(array_filter($left));
    }

    /** Whether the other holds wherever this one does. */
    public function isWithin(self $other): bool
    {
        return $this->but($other) === [];
    }

    /** @return list<string>|null the values that a field can only have; null: any, or too many to name */
    public function named(string $path): ?array
    {
        $set = $this->sets[$path] ?? null;

        return $set instanceof Discrete ? $set->named() : null;
    }

    /** @return list<string>|null likewise, "missing" among them */
    public function keys(string $path): ?array
    {
        $set = $this->sets[$path] ?? null;

        return $set instanceof Discrete ? $set->keys() : null;
    }

    /** @return list<string> of the fields whose values it narrows */
    public function paths(): array
    {
        return array_keys($this->sets);
    }

    /**
     * With what follows from one part for the others.
     *
     * @param array<string, ValueSet>          $sets
     * @param array<string, array{Atom, bool}> $atoms
     */
    private static function settled(array $sets, array $atoms): ?self
    {
        foreach ($atoms as [$atom, $holds]) {
            $set = $sets[$atom->path] ?? null;
            if ($set !== null && $holds && $atom->filled) {
                $set = $set->filled();
            }
            if ($set instanceof Discrete && $set->named() !== null) {
                $set = $set->where(static fn(string $text): bool => ($atom->ofText($text) ?? $holds) === $holds);
            }
            if ($set !== null) {
                $sets[$atom->path] = $set;
            }
        }
        foreach ($sets as $set) {
            if ($set->isEmpty()) {
                return null;
            }
        }

        return self::contradict($atoms) ? null : new self($sets, $atoms);
    }

    /** @param array<string, array{Atom, bool}> $atoms */
    private static function contradict(array $atoms): bool
    {
        $lacking = [];
        foreach ($atoms as [$atom, $holds]) {
            if (!$holds) {
                $lacking[$atom->path] = ($lacking[$atom->path] ?? 0) + ($atom->kind === AtomKind::Has ? 1 : 0);
                continue;
            }
            foreach ($atoms as [$other, $otherHolds]) {
                if (!$otherHolds && $atom->implies($other)) {
                    return true;
                }
            }
        }
        foreach ($atoms as [$atom, $holds]) {
            if ($holds && $atom->kind === AtomKind::HasAny && ($lacking[$atom->path] ?? 0) === $atom->options) {
                return true;
            }
        }

        return false;
    }
}
