<?php

declare(strict_types=1);

namespace App\Models\Concerns;

/** What has no name of its own, and is called in the audit trail by what it is about. */
interface NamedInTrail
{
    public function nameInTrail(): ?string;
}
