<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

use OpenBaton\Core\Parameter\Parameter;
use OpenBaton\Core\Parameter\RotationName;
use OpenBaton\Core\Parameter\WholeNumber;

/** Turn by turn, by weight; see Rotation for how exactly. */
final readonly class RoundRobin implements UsesRotation
{
    public const MOST_KEPT = 20;

    /**
     * @param string $rotation   its name; rules that name the same one share it
     * @param int    $keepMissed so many turns at most that somebody misses are theirs once they are back
     */
    public function __construct(public string $rotation, public int $keepMissed = 0) {}

    public static function kind(): string
    {
        return 'round_robin';
    }

    public static function parameters(): array
    {
        return [
            Parameter::required('rotation', new RotationName()),
            Parameter::optional('keep_missed', new WholeNumber(0, self::MOST_KEPT), 0),
        ];
    }

    public static function inputs(): array
    {
        return [];
    }

    public function choose(Selection $selection): Choice
    {
        $rotation = $selection->rotations->named($this->rotation)->joinedBy($selection->pool);
        [$personId, $after] = $rotation->turn($selection->eligible, $this->keepMissed);

        $figures = [];
        foreach ($selection->eligible as $member) {
            $figures[$member->personId] = [
                'pass' => $rotation->raised($member, $this->keepMissed),
                'weight' => $member->weight,
            ];
        }

        return new Choice(
            $personId,
            $figures,
            $after,
            $rotation->passedOver($selection->pool, $selection->eligible, $personId, $this->keepMissed),
        );
    }

    public function rotationName(): string
    {
        return $this->rotation;
    }
}
