<?php

declare(strict_types=1);

namespace App\Bridge;

use App\Explain\HouseWords;
use App\Explain\MergedWords;
use App\Words\Words;
use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Timer\Timers;

/** The router of a house in a state, and the timers of its rules. */
final readonly class Routers
{
    public function __construct(private RulebookReader $rulebooks, private Words $words) {}

    public function at(HouseState $state, Snapshot $house): Router
    {
        $words = new MergedWords(new HouseWords($this->words, $house, $house->roster->house->zone()), $house);

        return new Router($house->roster, $this->rulebooks->compiled($state->versionId), $house->trade($words));
    }

    public function timers(HouseState $state, Snapshot $house): Timers
    {
        return new Timers($this->rulebooks->timers($state->versionId), $house->roster->house);
    }
}
