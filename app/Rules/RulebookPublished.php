<?php

declare(strict_types=1);

namespace App\Rules;

use Illuminate\Contracts\Events\ShouldDispatchAfterCommit;
use Illuminate\Foundation\Events\Dispatchable;

/** A version of the rulebook is in force. Told once that is committed. */
final readonly class RulebookPublished implements ShouldDispatchAfterCommit
{
    use Dispatchable;

    /** @param int $at instant */
    public function __construct(public string $versionId, public int $at) {}
}
