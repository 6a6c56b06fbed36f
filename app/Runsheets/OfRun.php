<?php

declare(strict_types=1);

namespace App\Runsheets;

use OpenBaton\Core\Flow\Run\Step;

/** A round of a step of a run. */
final readonly class OfRun
{
    public function __construct(public RunAtHand $hand, public Step $step, public int $round) {}

    /** What decisions say of what the step brings about. */
    public function id(): string
    {
        return "run.{$this->hand->sheet->id}.{$this->step->key()}";
    }
}
