<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Bridge\AbsenceReader;
use App\Bridge\Houses;
use App\Bridge\Snapshot;
use App\Models\Absences\Absence;
use App\Models\Absences\Settling;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\CoverMoves;

/**
 * Does what the begin, the end or a change of an absence asks for. It is marked
 * first, so that each acts once, whoever asks and however often; and until all
 * of its work has moved, piece by piece, it is marked as being settled: the
 * next tick goes on with what was left in the middle.
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
    public function __invoke(
        string $absenceId,
        Actor $by,
        bool $early = false,
        bool $moved = false,
        bool $again = false,
    ): int {
        $now = CarbonImmutable::now();
        $row = $this->begin($absenceId, $now, $early, $moved, $again);
        if ($row?->settling === null) {
            return 0;
        }
        $person = (string) $row->person?->slug;
        $people = [
            $person,
            ...CoverMoves::coveredBy($this->houses->now()->snapshot->roster, $person, $now->getTimestamp()),
        ];
        $count = ($this->move)($people, $by, $now->getTimestamp(), $row->settling === Settling::Moved);
        Absence::query()
            ->whereKey($absenceId)
            ->where('settling', $row->settling)
            ->update(['settling' => null]);

        return $count;
    }

    private function begin(string $absenceId, CarbonImmutable $now, bool $early, bool $moved, bool $again): ?Absence
    {
        return DB::transaction(function () use ($absenceId, $now, $early, $moved, $again): ?Absence {
            $locked = $this->houses->lock();
            $row = Absence::query()->with(Absence::WITH)->lockForUpdate()->find($absenceId);
            if ($row === null) {
                return null;
            }
            $due = self::mark($row, $locked->house->snapshot, $now, $early);
            if ($moved) {
                $row->settling = Settling::Moved;
            } elseif ($due || ($again && $row->handed_over_at !== null)) {
                $row->settling ??= Settling::Due;
            }
            $row->saveQuietly();

            return $row;
        }, attempts: 3);
    }

    /** What of it has to be acted upon now; the row then says so. */
    public static function mark(Absence $row, Snapshot $house, CarbonImmutable $now, bool $early = false): bool
    {
        $absence = AbsenceReader::of($row, $house);
        $at = $now->getTimestamp();
        $begins = $absence->counts() && $row->handed_over_at === null && ($early || $absence->span->from <= $at);
        $ends =
            $row->handed_back_at === null &&
            ($absence->counts() ? $absence->span->to <= $at : $row->handed_over_at !== null);
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
