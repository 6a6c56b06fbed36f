<?php

declare(strict_types=1);

namespace App\Absences;

use App\Access\Actor;
use App\Access\Audit;
use App\Bridge\AbsenceReader;
use App\Bridge\Houses;
use App\Models\Absences\Absence;
use App\Models\Absences\CoverSetting;
use App\Models\People\Person;
use App\Models\Tasks\Task;
use App\Refusals\AbsenceMovedOn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenBaton\Core\Absence\AbsenceAction;

/** Sets one line of a cover plan by hand: who gets the task, that it stays, or that the policy decides again. */
final readonly class SetCover
{
    public function __construct(private SettleAbsence $settle, private Houses $houses) {}

    /**
     * @param bool        $set whether it is set by hand; false: the policy decides
     * @param Person|null $to  null: it stays
     *
     * @throws AbsenceMovedOn where the absence is over or does not count any more
     */
    public function __invoke(Absence $absence, Task $task, bool $set, ?Person $to, Actor $by): void
    {
        DB::transaction(function () use ($absence, $task, $set, $to, $by): void {
            $house = $this->houses->lock()->house->snapshot;
            $locked = Absence::query()->with(Absence::WITH)->lockForUpdate()->findOrFail($absence->id);
            if (
                !$locked->fits(
                    AbsenceAction::SetCover,
                    AbsenceReader::of($locked, $house),
                    CarbonImmutable::now()->getTimestamp(),
                )
            ) {
                throw AbsenceMovedOn::over();
            }
            $line = ['absence_id' => $locked->id, 'task_id' => $task->id];
            if ($set) {
                CoverSetting::query()->updateOrCreate($line, ['person_id' => $to?->id]);
            } else {
                CoverSetting::query()->where($line)->delete();
            }
            Audit::record(
                $by,
                'house',
                'cover_set',
                "set who covers № {$task->number} for {$locked->person?->name}",
                $locked,
                ['task' => $task->id, 'by_hand' => $set, 'to' => $to?->slug],
            );
        }, attempts: 3);
        // Where it is running, what was set acts at once.
        ($this->settle)($absence->id, $by, again: true);
    }
}
