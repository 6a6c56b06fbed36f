<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Bridge\AbsenceReader;
use App\Bridge\Houses;
use App\Bridge\Snapshot;
use App\Models\Absences\Absence;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\CoverMoves;

/**
 * Does what the begin, the end or a change of an absence asks for, in one
 * transaction that marks it: each once, whoever asks and however often.
 */
final readonly class SettleAbsence
{
    public function __construct(private Houses $houses, private MoveCovered $move) {}

    /**
     * @param bool $early its work is handed over before it begins
     * @param bool $moved it is at another time than before
     * @param bool $again what was set by hand has changed, so that it acts once more where it has begun
     *
     * @return int how many tasks have moved
     */
    public function __invoke(string $absenceId, Actor $by, bool $early = false, bool $moved = false, bool $again = false): int
    {
        return DB::transaction(function () use ($absenceId, $by, $early, $moved, $again): int {
            $locked = $this->houses->lock();
            $row = Absence::query()->with(Absence::WITH)->lockForUpdate()->find($absenceId);
            if ($row === null) {
                return 0;
            }
            $house = $locked->house->snapshot;
            $now = CarbonImmutable::now();
            $due = self::mark($row, $house, $now, $early);
            $row->saveQuietly();
            $person = (string) $row->person?->slug;

            return $due || $moved || ($again && $row->handed_over_at !== null)
                ? ($this->move)($locked, [$person, ...CoverMoves::coveredBy($house->roster, $person, $now->getTimestamp())], $by, $now->getTimestamp(), $moved)
                : 0;
        }, attempts: 3);
    }

    /** What of it has to be acted upon now; the row then says so. */
    public static function mark(Absence $row, Snapshot $house, CarbonImmutable $now, bool $early = false): bool
    {
        $absence = AbsenceReader::of($row, $house);
        $at = $now->getTimestamp();
        $begins = $absence->counts() && $row->handed_over_at === null && ($early || $absence->span->from <= $at);
        $ends = $row->handed_back_at === null && ($absence->counts() ? $absence->span->to <= $at : $row->handed_over_at !== null);
        if ($begins) {
            $row->handed_over_at = $now;
        }
        if ($ends) {
            $row->handed_over_at ??= $now;
            $row->handed_back_at = $now;
        }

        return $begins || $ends;
    }
}
