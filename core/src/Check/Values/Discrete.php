<?php

declare(strict_types=1);

namespace OpenBaton\Core\Check\Values;

use InvalidArgumentException;

/** Values that are told apart but not ordered: of a list, texts, people, yes and no. */
final readonly class Discrete implements ValueSet
{
    private const MISSING = "\0";

    /**
     * @param array<array-key, true> $values  those that are meant, or all but those
     * @param bool                   $allBut
     * @param int|null               $all     how many there are, "missing" among them; null: no end of them
     */
    private function __construct(private array $values, private bool $allBut, private ?int $all) {}

    /**
     * @param list<string> $values
     * @param int|null     $options how many the field can have; null: no end of them
     */
    public static function of(array $values, ?int $options): self
    {
        return new self(array_fill_keys($values, true), false, $options === null ? null : $options + 1);
    }

    public static function missing(?int $options): self
    {
        return self::of([self::MISSING], $options);
    }

    public function complement(): self
    {
        return new self($this->values, !$this->allBut, $this->all);
    }

    public function isEmpty(): bool
    {
        return $this->allBut ? $this->all !== null && count($this->values) >= $this->all : $this->values === [];
    }

    public function and(ValueSet $other): self
    {
        $other = self::alike($other);

        return match (true) {
            $this->allBut && $other->allBut => new self($this->values + $other->values, true, $this->all),
            $this->allBut => new self(array_diff_key($other->values, $this->values), false, $this->all),
            $other->allBut => new self(array_diff_key($this->values, $other->values), false, $this->all),
            default => new self(array_intersect_key($this->values, $other->values), false, $this->all),
        };
    }

    public function but(ValueSet $other): self
    {
        return $this->and(self::alike($other)->complement());
    }

    public function filled(): self
    {
        return $this->but(self::missing($this->all === null ? null : $this->all - 1));
    }

    /** @return list<string>|null those it can only be, "missing" left out; null: too many to name */
    public function named(): ?array
    {
        return $this->allBut
            ? null
            : array_map(strval(...), array_keys(array_diff_key($this->values, [self::MISSING => true])));
    }

    /** @return list<string>|null the same with "missing" as a value of its own */
    public function keys(): ?array
    {
        return $this->allBut ? null : array_map(strval(...), array_keys($this->values));
    }

    /** @param callable(string): bool $keeps of a value that is not "missing" */
    public function where(callable $keeps): self
    {
        return new self(
            array_filter(
                $this->values,
                static fn(int|string $value): bool => $value === self::MISSING || $keeps((string) $value),
                ARRAY_FILTER_USE_KEY,
            ),
            $this->allBut,
            $this->all,
        );
    }

    private static function alike(ValueSet $other): self
    {
        return $other instanceof self
            ? $other
            : throw new InvalidArgumentException('Sets of values of one field are of one class.');
    }
}
