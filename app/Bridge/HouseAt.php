<?php

declare(strict_types=1);

namespace App\Bridge;

use OpenBaton\Core\Routing\Router;
use OpenBaton\Core\Rulebook\CompiledRulebook;
use OpenBaton\Core\Text\ValueWords;
use OpenBaton\Core\Timer\Timers;

/**
 * The house at one moment: its revisions, what decisions know of it, and its rules, made together so that no two
 * moments are mixed.
 */
final class HouseAt
{
    private ?Router $router = null;
    private ?Timers $timers = null;

    public function __construct(
        public readonly HouseState $state,
        public readonly Snapshot $snapshot,
        private readonly RulebookReader $rulebooks,
        private readonly TextWords $words,
    ) {}

    /** The same house at another moment that decides like this one. */
    public function in(HouseState $state): self
    {
        $house = new self($state, $this->snapshot, $this->rulebooks, $this->words);
        $house->router = $this->router;
        $house->timers = $this->timers;

        return $house;
    }

    public function rulebook(): CompiledRulebook
    {
        return $this->rulebooks->compiled($this->state->versionId);
    }

    public function router(): Router
    {
        return $this->router ??= $this->routerBy($this->rulebook());
    }

    /** Decides in this house by other rules. */
    public function routerBy(CompiledRulebook $rulebook): Router
    {
        return new Router($this->snapshot->roster, $rulebook, $this->snapshot->taskCatalogue($this->words()));
    }

    /** In which values are said in texts of the house. */
    public function words(): ValueWords
    {
        return $this->words->of($this->snapshot);
    }

    /** The moments that rules act at by themselves. */
    public function timers(): Timers
    {
        return $this->timers ??= new Timers(
            $this->rulebooks->timers($this->state->versionId),
            $this->snapshot->roster->house,
        );
    }
}
