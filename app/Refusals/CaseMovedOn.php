<?php

declare(strict_types=1);

namespace App\Refusals;

use App\Models\Cases\CustomerCase;

/** A case has changed since it was looked at. */
final class CaseMovedOn extends Refused
{
    public static function since(CustomerCase $case): self
    {
        return new self('case_moved_on.changed', ['stage' => $case->stage, 'owner' => $case->owner->name ?? 'none']);
    }
}
