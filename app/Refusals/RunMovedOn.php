<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Runsheets\Run;
use OpenBaton\Core\Flow\Run\RunRefusal;

/** A run is not as it was looked at, or does not let that be done to it. */
final class RunMovedOn extends Refused
{
    public static function since(Run $run): self
    {
        return new self('run_moved_on.since', ['runsheet' => $run->runsheet->name ?? 'none']);
    }

    public static function not(RunRefusal $why): self
    {
        return new self(
            match ($why) {
                RunRefusal::Over => 'run_moved_on.over',
                RunRefusal::NotThere => 'run_moved_on.not_there',
                RunRefusal::NotStopped => 'run_moved_on.not_stopped',
                RunRefusal::NotSettled => 'run_moved_on.not_settled',
            },
        );
    }
}
