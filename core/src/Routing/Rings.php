<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** The rotations of a house, by name. */
final readonly class Rings
{
    /** @param array<string, Ring> $byName */
    public function __construct(public array $byName = []) {}

    /** @param iterable<Ring> $rings */
    public static function of(iterable $rings): self
    {
        $byName = [];
        foreach ($rings as $ring) {
            $byName[$ring->name] = $ring;
        }

        return new self($byName);
    }

    /** One that was never used is empty. */
    public function ring(string $name): Ring
    {
        return $this->byName[$name] ?? new Ring($name);
    }

    public function with(Ring $ring): self
    {
        $byName = $this->byName;
        $byName[$ring->name] = $ring;

        return new self($byName);
    }
}
