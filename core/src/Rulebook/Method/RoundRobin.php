<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Document\Node;
use OpenBaton\Core\Document\NothingToCheck;

/** Turn by turn, by weight; see Ring for how exactly. */
final readonly class RoundRobin implements UsesRotation
{
    use NothingToCheck;

    /** @param string $rotation name of the ring; rules that name the same one share it */
    public function __construct(public string $rotation) {}

    public static function kind(): string
    {
        return 'round_robin';
    }

    public static function read(Node $node): static
    {
        return new self(trim($node->get('rotation')->text()));
    }

    public function write(): array
    {
        return ['kind' => self::kind(), 'rotation' => $this->rotation];
    }

    public function choose(Selection $selection): Choice
    {
        $ring = $selection->rings->ring($this->rotation)->joinedBy($selection->pool);
        [$personId, $after] = $ring->turn($selection->eligible);

        $figures = [];
        foreach ($selection->eligible as $seat) {
            $figures[$seat->personId] = ['mark' => max($ring->marks[$seat->personId], $ring->now), 'weight' => $seat->weight];
        }

        return new Choice($personId, $figures, $after);
    }

    public function rotation(): string
    {
        return $this->rotation;
    }

    public function looksAtWork(): bool
    {
        return false;
    }

    public function looksAtLastAssigned(): bool
    {
        return false;
    }
}
