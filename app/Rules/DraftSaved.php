<?php

declare(strict_types=1);

namespace App\Rules;

use Illuminate\Contracts\Events\ShouldDispatchAfterCommit;
use Illuminate\Foundation\Events\Dispatchable;

/** The draft of the rulebook has been saved. Told once that is committed. */
final readonly class DraftSaved implements ShouldDispatchAfterCommit
{
    use Dispatchable;

    public function __construct(public string $versionId, public int $revision) {}
}
