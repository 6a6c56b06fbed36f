<?php

declare(strict_types=1);

namespace App\Guides;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Guides\Guide;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Takes a guide out of use, or into it again; nothing of it is lost. */
final class RetireGuide
{
    public function __invoke(Guide $guide, bool $retired, Actor $by): void
    {
        DB::transaction(static function () use ($guide, $retired, $by): void {
            $row = Guide::query()->lockForUpdate()->findOrFail($guide->id);
            if ($row->isRetired() !== $retired) {
                $row->update(['retired_at' => $retired ? CarbonImmutable::now() : null]);
                Audit::record(
                    $by,
                    'house',
                    $retired ? 'guide_retired' : 'guide_restored',
                    'took a guide out of use, or back',
                    $row,
                );
            }
        }, attempts: 3);
    }
}
