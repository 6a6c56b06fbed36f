<?php

declare(strict_types=1);

namespace App\Sweeps;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\Houses;
use App\Models\Access\AuditRecord;
use App\Models\Access\User;
use App\Models\Sweeps\NamedSweep;
use App\Refusals\SweepMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Document\DocumentError;
use OpenBaton\Core\Document\SweepFormat;

/** Saves a sweep under its name, or takes it away; runs of it keep what it was. */
final readonly class SaveSweep
{
    public function __construct(private Houses $houses) {}

    /**
     * @param NamedSweep|null      $sweep    null: a new one
     * @param array<string, mixed> $document {"if": …, "hand_to": …, "then": […]}
     * @param int|null             $seen     revision that was changed
     *
     * @throws DocumentError with all that is wrong with it; nothing is saved
     * @throws SweepMovedOn where somebody else has saved it meanwhile
     */
    public function __invoke(?NamedSweep $sweep, string $name, array $document, ?int $seen, User $by): NamedSweep
    {
        $house = $this->houses->now();
        $written = (new SweepFormat($house->snapshot->ruleContext()))->write(SweepTreatments::read($document, $house));

        return DB::transaction(static function () use ($sweep, $name, $written, $seen, $by): NamedSweep {
            $now = $sweep === null ? null : NamedSweep::query()->lockForUpdate()->findOrFail($sweep->id);
            if ($now !== null && $now->revision !== $seen) {
                throw SweepMovedOn::saved();
            }
            $before = $now === null ? null : self::audited($now);
            $now ??= new NamedSweep(['revision' => 0]);
            $now->fill([
                'name' => $name,
                'document' => $written,
                'revision' => $now->revision + 1,
                'user_id' => $by->id,
                'saved_at' => CarbonImmutable::now(),
            ])->save();
            Audit::record(Actor::user($by), AuditRecord::RULEBOOK, 'sweep_saved', "saved the sweep {$name}", $now, [
                'old' => $before,
                'now' => self::audited($now),
            ]);

            return $now;
        }, attempts: 3);
    }

    /** @return array<string, mixed> what the audit trail says of it */
    private static function audited(NamedSweep $sweep): array
    {
        return ['name' => $sweep->name, 'sweep' => $sweep->document];
    }

    public function remove(NamedSweep $sweep, User $by): void
    {
        DB::transaction(static function () use ($sweep, $by): void {
            $sweep->delete();
            Audit::record(
                Actor::user($by),
                AuditRecord::RULEBOOK,
                'sweep_removed',
                "took the sweep {$sweep->name} away",
                $sweep,
            );
        }, attempts: 3);
    }
}
