<?php

declare(strict_types=1);

namespace OpenBaton\Core\Routing;

/** The rotations of a house, by name. */
final readonly class Rotations
{
    /** @param array<array-key, Rotation> $byName */
    public function __construct(public array $byName = []) {}

    /** @param iterable<Rotation> $rotations */
    public static function of(iterable $rotations): self
    {
        $byName = [];
        foreach ($rotations as $rotation) {
            $byName[$rotation->name] = $rotation;
        }

        return new self($byName);
    }

    /** One that was never used is empty. */
    public function named(string $name): Rotation
    {
        return $this->byName[$name] ?? new Rotation($name);
    }

    /**
     * Just these, those that were never used among them.
     *
     * @param list<string> $names
     */
    public function only(array $names): self
    {
        return self::of(array_map($this->named(...), $names));
    }

    public function with(Rotation $rotation): self
    {
        $byName = $this->byName;
        $byName[$rotation->name] = $rotation;

        return new self($byName);
    }
}
