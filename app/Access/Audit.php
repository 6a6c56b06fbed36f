<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Database\Eloquent\Model;

/** Puts down in the audit trail what somebody, or the system, has done. */
final class Audit
{
    /** @param array<string, mixed> $properties */
    public static function record(
        Actor $by,
        string $log,
        string $event,
        string $description,
        ?Model $on = null,
        array $properties = [],
    ): void {
        $entry = activity($log)
            ->event($event)
            ->withProperties($by->system === null ? $properties : ['system' => $by->system] + $properties);
        if ($by->user !== null) {
            $entry->causedBy($by->user);
        } else {
            $entry->causedByAnonymous();
        }
        if ($on !== null) {
            $entry->performedOn($on);
        }
        $entry->log($description);
    }
}
