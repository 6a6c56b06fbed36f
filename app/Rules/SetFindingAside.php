<?php

declare(strict_types=1);

namespace App\Rules;

use App\Access\Actor;
use App\Access\Audit;
use App\Models\Access\AuditRecord;
use App\Models\Rules\FindingSetAside;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Says of what a check has found that it is meant so, and why; it is told again once one of its rules changes. */
final readonly class SetFindingAside
{
    public function __invoke(string $signature, string $reason, Actor $by): void
    {
        DB::transaction(static function () use ($signature, $reason, $by): void {
            FindingSetAside::query()->updateOrCreate(
                ['signature' => $signature],
                ['reason' => $reason, 'user_id' => $by->user?->id, 'set_aside_at' => CarbonImmutable::now()],
            );
            Audit::record($by, AuditRecord::RULEBOOK, 'finding_set_aside', 'set aside a finding', null, [
                'reason' => $reason,
            ]);
        }, attempts: 3);
    }

    /** Tells it again; where somebody has done so before, nothing happens. */
    public function takeUp(string $signature, Actor $by): void
    {
        DB::transaction(static function () use ($signature, $by): void {
            if (FindingSetAside::query()->where('signature', $signature)->delete() > 0) {
                Audit::record($by, AuditRecord::RULEBOOK, 'finding_taken_up', 'took up a finding again');
            }
        }, attempts: 3);
    }
}
