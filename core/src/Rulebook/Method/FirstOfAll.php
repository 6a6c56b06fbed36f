<?php

declare(strict_types=1);

namespace OpenBaton\Core\Rulebook\Method;

/** Takes the first who is eligible. */
trait FirstOfAll
{
    public static function inputs(): array
    {
        return [];
    }

    public function choose(Selection $selection): Choice
    {
        $figures = [];
        foreach ($selection->eligible as $place => $seat) {
            $figures[$seat->personId] = ['place' => $place + 1];
        }

        return new Choice($selection->eligible[0]->personId, $figures);
    }
}
