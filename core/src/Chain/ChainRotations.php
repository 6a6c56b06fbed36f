<?php

declare(strict_types=1);

namespace OpenBaton\Core\Chain;

use LogicException;
use OpenBaton\Core\Routing\Decision;
use OpenBaton\Core\Routing\Rotations;

/** The rotations that a chain has asked for, as they are by now. What was there before the chain is read once. */
final class ChainRotations
{
    private Rotations $rotations;
    /** @var array<array-key, true> names of those that were read */
    private array $known = [];

    public function __construct(private readonly Surroundings $surroundings)
    {
        $this->rotations = new Rotations();
    }

    /** @param list<string> $names at least these */
    public function of(array $names): Rotations
    {
        $new = array_values(array_filter($names, fn(string $name): bool => !isset($this->known[$name])));
        if ($new !== []) {
            $this->known += $asked = array_fill_keys($new, true);
            $answered = $this->surroundings->rotations($new)->byName;
            // One that has taken a turn in this chain must not be answered as it was before.
            if (array_diff_key($answered, $asked) !== [] || array_diff_key($asked, $answered) !== []) {
                throw new LogicException('Other rotations were answered than were asked for.');
            }
            foreach ($answered as $rotation) {
                $this->rotations = $this->rotations->with($rotation);
            }
        }

        return $this->rotations;
    }

    public function turned(Decision $decision): void
    {
        $this->rotations = $decision->rotationsAfter($this->rotations);
    }

    /** All that were asked for. */
    public function after(): Rotations
    {
        return $this->rotations;
    }
}
