<?php

declare(strict_types=1);

namespace App\Models\Access;

use App\Models\Concerns\BootsByName;
use App\Models\House\House;
use Spatie\Activitylog\Models\Activity;

/** One line of the audit trail. */
final class AuditRecord extends Activity
{
    use BootsByName;

    public const RULEBOOK = 'rulebook';

    /**
     * Whatever is recorded changes what pages show; it counts with the same transaction. What becomes of drafts the
     * house counts by itself.
     */
    protected static function booted(): void
    {
        self::created(
            static fn(self $record) => $record->log_name === self::RULEBOOK ?: House::query()->increment('changes'),
        );
    }
}
