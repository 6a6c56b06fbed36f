<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Contracts\Events\ShouldDispatchAfterCommit;
use Illuminate\Foundation\Events\Dispatchable;

/** A roster has come in: people, hours and holidays may be others. Told once that is committed. */
final readonly class RosterImported implements ShouldDispatchAfterCommit
{
    use Dispatchable;

    /** @param int $at instant */
    public function __construct(public int $at) {}
}
