<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\RotationName;

/** Turn by turn, by weight; see Rotation for how exactly. */
final readonly class RoundRobin implements UsesRotation
{
    /** @param string $rotation its name; rules that name the same one share it */
    public function __construct(public string $rotation) {}

    public static function kind(): string
    {
        return 'round_robin';
    }

    public static function parameters(): array
    {
        return [Parameter::required('rotation', new RotationName())];
    }

    public static function inputs(): array
    {
        return [];
    }

    public function choose(Selection $selection): Choice
    {
        $rotation = $selection->rotations->named($this->rotation)->joinedBy($selection->pool);
        [$personId, $after] = $rotation->turn($selection->eligible);

        $figures = [];
        foreach ($selection->eligible as $member) {
            $figures[$member->personId] = [
                'pass' => max($rotation->passes[$member->personId], $rotation->virtualTime),
                'weight' => $member->weight,
            ];
        }

        return new Choice($personId, $figures, $after);
    }

    public function rotationName(): string
    {
        return $this->rotation;
    }
}
