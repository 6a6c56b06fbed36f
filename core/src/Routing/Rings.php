<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** The rotations of a house, by name. */
final readonly class Rings
{
    /** @var array<string, Ring> */
    public array $byName;

    /** @param iterable<Ring> $rings */
    public function __construct(iterable $rings = [])
    {
        $byName = [];
        foreach ($rings as $ring) {
            $byName[$ring->name] = $ring;
        }
        $this->byName = $byName;
    }

    /** One that was never used is empty. */
    public function ring(string $name): Ring
    {
        return $this->byName[$name] ?? new Ring($name);
    }

    public function with(Ring $ring): self
    {
        return new self([$ring->name => $ring] + $this->byName);
    }
}
