<?php

declare(strict_types=1);

namespace App\Guides;

use App\Models\Access\User;
use App\Models\Guides\Guide;
use App\Models\Guides\GuideRead;
use Carbon\CarbonImmutable;

/** Puts down that somebody has a guide before them as it is now. */
final class MarkRead
{
    public static function of(Guide $guide, User $user): void
    {
        GuideRead::query()->upsert(
            [
                'guide_id' => $guide->id,
                'user_id' => $user->id,
                'version' => $guide->version,
                'at' => CarbonImmutable::now()->toDateTimeString(),
            ],
            ['guide_id', 'user_id'],
            ['version', 'at'],
        );
    }
}
